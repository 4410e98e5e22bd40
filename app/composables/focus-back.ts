/** Where the keys were before this stood in front; they go back there when it is gone. */
export function useFocusBack() {
  const before = import.meta.client ? (document.activeElement as HTMLElement | null) : null
  onUnmounted(() => void nextTick(() => before?.isConnected && before.focus()))
}

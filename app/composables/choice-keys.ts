import { useEventListener } from '@vueuse/core'

/** Keys 1 to 9 press the first to ninth of the choices marked `data-choice` inside an element. */
export function useChoiceKeys(root: Readonly<Ref<HTMLElement | null>>) {
  function onKey(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || !/^[1-9]$/.test(event.key)) return
    const choice = root.value?.querySelectorAll<HTMLElement>('[data-choice]')[Number(event.key) - 1]
    if (!choice) return
    event.preventDefault()
    choice.click()
  }
  useEventListener('keydown', onKey)
}

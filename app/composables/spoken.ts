/** Says a line through the browser's own voice, if there is one; a newer line cuts an older one off. */
export function useSpoken(on: Ref<boolean>) {
  const voice = import.meta.client && 'speechSynthesis' in window ? window.speechSynthesis : null
  onBeforeUnmount(() => voice?.cancel())
  watch(on, (now) => now || voice?.cancel())
  return {
    can: !!voice,
    say(line: string) {
      if (!on.value || !voice) return
      voice.cancel()
      const words = new SpeechSynthesisUtterance(line)
      words.lang = 'en'
      voice.speak(words)
    },
  }
}

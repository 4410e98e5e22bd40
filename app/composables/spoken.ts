import { useSpeechSynthesis } from '@vueuse/core'

/** Says a line through the browser's own voice, if there is one; a newer line cuts an older one off. */
export function useSpoken(on: Ref<boolean>) {
  const line = ref('')
  const { isSupported, speak, stop } = useSpeechSynthesis(line, { lang: 'en' })
  const hush = () => {
    if (isSupported.value) stop()
  }
  watch(on, (now) => now || hush())
  onBeforeUnmount(hush)
  return {
    can: isSupported,
    say(words: string) {
      if (!on.value || !isSupported.value) return
      line.value = words
      speak()
    },
  }
}

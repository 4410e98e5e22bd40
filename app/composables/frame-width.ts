import { useElementSize } from '@vueuse/core'

/**
 * The width a drawing has to itself, px: that of the element given as `frame`.
 * @param least a drawing is never squeezed below this, nor before it is measured
 */
export function useFrameWidth(least = 320) {
  const frame = ref<HTMLElement | null>(null)
  const { width } = useElementSize(frame)
  return { frame, w: computed(() => Math.max(least, width.value || 358)) }
}

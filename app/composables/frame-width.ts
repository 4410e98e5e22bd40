import { useElementSize, useMediaQuery } from '@vueuse/core'

/** Whether there is a desk's width: where the theme's `desk:` begins. */
export const useDesk = () => useMediaQuery('(min-width: 60rem)')

/**
 * The width a drawing has to itself, px: that of the element given as `frame`.
 * @param least a drawing is never squeezed below this, nor before it is measured
 */
export function useFrameWidth(least = 320) {
  const frame = ref<HTMLElement | null>(null)
  const { width } = useElementSize(frame)
  return { frame, w: computed(() => Math.max(least, width.value || 358)) }
}

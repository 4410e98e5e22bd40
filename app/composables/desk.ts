import { useMediaQuery } from '@vueuse/core'

/** Whether there is a desk's width: where the theme's `desk:` begins. */
export const useDesk = () => useMediaQuery('(min-width: 60rem)')

/**
 * A hand laid flat, seen from above, fingers along x, 120 by 80 about its middle: for drawings of where
 * the hand goes. Ink lines apart from the shape, so that each is drawn in its own colour.
 */
export const HAND = {
  shape:
    'M-62-17C-46-21-31-25-15-25C-9-34 3-45 15-46C23-46 25-39 18-34C12-30 8-26 8-22C22-25 42-26 53-24C60-22 60-14 53-13C44-12 32-12 22-11C36-12 53-10 62-8C69-6 68 2 61 3C49 5 34 4 22 4C34 5 48 7 55 9C61 12 59 19 53 18C43 18 30 16 19 15C27 17 37 20 42 22C46 26 44 31 38 30C26 29 11 28 1 26C-20 24-43 20-62 17Z',
  lines:
    'M22-11C14-10 6-9 1-8M22 4C14 4 7 4 2 5M19 15C12 15 6 15 1 16M8-22C2-20-6-18-12-13M-34-14C-37-4-37 5-34 13',
  cuff: 'M-62-20L-82-23L-82 23L-62 20Z',
} as const

/** The back of a brush, handle towards the wrist, on the same axes. */
const BRUSH = {
  shape:
    'M-58-6C-30-8-8-9 6-11L8-24C8-30 14-33 22-33L66-33C74-33 79-28 79-20L79 20C79 28 74 33 66 33L22 33C14 33 8 30 8 24L6 11C-8 9-30 8-58 6C-63 4-63-4-58-6Z',
  lines: 'M18-23L70-23M18-11L70-11M18 1L70 1M18 13L70 13M18 24L70 24',
} as const

/** Tools on the same axes, the hand's end to the left and what touches the dog to the right. */
export const TOOLS_DRAWN = {
  brush: BRUSH,
  comb: {
    shape:
      'M-60-7C-40-10-20-11 4-11L78-11L78-2L76 26L72-1L67 27L62-1L57 27L52-1L47 27L42-1L37 27L32-1L27 27L22-1L17 27L12 0C-14 2-40 4-60 6C-65 3-65-4-60-7Z',
    lines: 'M8-6L74-6',
  },
  scissors: {
    shape:
      'M-62-30C-48-34-34-28-32-18C-30-10-34-4-40-1L80-7C86-6 86 2 80 3L-40 4C-34 8-30 14-32 22C-34 32-48 38-62 34C-72 30-74 18-66 10C-62 6-56 4-50 3L-50 0C-56-1-62-3-66-7C-74-14-72-26-62-30Z',
    lines:
      'M-60-24C-52-26-44-22-42-16M-60 28C-52 30-44 26-42 20M-24 1L74-2M-20-3A4 4 0 1 0-20 5A4 4 0 1 0-20-3',
  },
  clipper: {
    shape:
      'M-62-16C-30-22 10-24 40-22L62-24L62-28L84-26L84 26L62 28L62 24L40 22C10 24-30 22-62 16C-70 10-70-10-62-16Z',
    lines:
      'M62-24L62 24M68-22L82-22M68-13L82-13M68-4L82-4M68 5L82 5M68 14L82 14M68 22L82 22M-20-9L4-9L4 9L-20 9Z',
  },
  dryer: {
    shape:
      'M-10-34C20-42 50-38 60-30L84-30L84 30L60 30C50 38 24 42 2 36L-4 84C-6 92-34 92-36 84L-34 26C-50 8-44-24-10-34Z',
    lines: 'M60-28L60 28M70-26L70 26M-24-14C-34-6-34 8-26 18M-14-18C-26-8-26 10-16 22',
  },
  'nail-tool': {
    shape:
      'M-70-20L-8-14L30-16C52-18 62-10 64-4L40-3C32-4 28-4 22 0C28 4 32 4 40 3L64 4C62 10 52 18 30 16L-8 14L-70 20C-76 14-74 8-68 8L-14 2L-14-2L-68-8C-74-8-76-14-70-20Z',
    lines: 'M-8-14L-8 14M6-10A5 5 0 1 0 6 0A5 5 0 1 0 6-10',
  },
  cloth: {
    shape: 'M-20-22C6-30 38-28 62-18C70-8 74 6 66 18C44 30 10 32-16 24C-26 12-28-10-20-22Z',
    lines: 'M-8-12C10-18 36-16 54-8M-6 2C16-4 40-2 58 4M-4 16C14 12 36 14 50 18',
  },
  toothbrush: {
    shape: 'M-70-5C-20-8 10-6 34-7L78-8L78 4L72 4L72 18L38 18L38 4L30 4C6 4-24 6-70 5C-75 3-75-3-70-5Z',
    lines: 'M44 5L44 17M50 5L50 17M56 5L56 17M62 5L62 17M68 5L68 17',
  },
} as const
export type ToolShapeId = keyof typeof TOOLS_DRAWN

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
export const BRUSH = {
  shape:
    'M-58-6C-30-8-8-9 6-11L8-24C8-30 14-33 22-33L66-33C74-33 79-28 79-20L79 20C79 28 74 33 66 33L22 33C14 33 8 30 8 24L6 11C-8 9-30 8-58 6C-63 4-63-4-58-6Z',
  lines: 'M18-23L70-23M18-11L70-11M18 1L70 1M18 13L70 13M18 24L70 24',
} as const

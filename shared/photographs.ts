/** What device and server both keep to about photographs. */

/** Longest side kept, px: enough to see skin by, small enough to send from a utility room (judgement). */
export const MOST_SIDE = 1600
/** JPEG quality kept (judgement). */
export const QUALITY = 82
/** Largest picture read, px: a camera's 50 megapixels and some over (judgement). */
export const MOST_PIXELS = 64_000_000
/** Longest side read, px: a panorama's, and no ribbon a pixel wide (judgement). */
export const LONGEST_SIDE = 20_000
/** Largest file read, bytes (judgement). */
export const MOST_PICTURE_BYTES = 25 * 1024 * 1024

export const NOT_A_PICTURE = 'That is not a picture that can be read here. Choose a JPEG, PNG or WebP.'
export const TOO_LARGE = `That picture is too large: ${MOST_PIXELS / 1e6} megapixels or ${MOST_PICTURE_BYTES / 1024 / 1024} MB at most.`

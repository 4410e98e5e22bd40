import type { PlaceId } from '#core/coat/regions'
import type { Pt } from '#drawing/geometry'

/** Where a place's number stands from its middle in the side view, px, so that labels clear the dog. */
// prettier-ignore
const OFFSETS: Record<PlaceId, Pt> = {
  crown: [60, -62], fringe: [-62, -62], cheek: [-150, 130], muzzle: [-40, -80], beard: [-46, 84],
  ear: [135, -118], 'ear-edge': [-120, 170], 'behind-ear': [112, -96], nape: [120, -70], 'collar-line': [118, -96],
  shoulders: [-190, 150], back: [30, -84], chest: [-92, 60], girth: [70, 205], side: [70, 225],
  belly: [-30, 116], 'tuck-up': [-70, 96], armpit: [34, 168], foreleg: [-150, 10], forefoot: [-110, -26],
  rump: [30, -104], thigh: [118, 40], 'inner-thigh': [-46, 150], hock: [92, 10], hindfoot: [92, -22],
  'under-tail': [104, 96], 'tail-base': [58, 112], tail: [-96, -60],
}

export interface Plate {
  /** What stands at it: a number of the order, or a letter. */
  number: number | string
  place: PlaceId
  label: string
}
export interface PlacedPlate extends Plate {
  from: Pt
  to: Pt
  /** Which way the words run from the number. */
  leftward: boolean
}

/** Height of a label and room for its words, px of the drawing; only its number on a narrow screen. */
const TALL = 30
const WIDE_NUMBER = 44
const WIDE_LETTER = 9.5

/** How far a label reaches across the page, as [from, to]. */
function reachOf(p: PlacedPlate, wordless: boolean): [number, number] {
  const width = WIDE_NUMBER + (wordless ? 0 : p.label.length * WIDE_LETTER)
  return p.leftward ? [p.to[0] - width, p.to[0]] : [p.to[0], p.to[0] + width]
}

/**
 * Puts a number by each place, led from its middle to clear paper, and pushes apart those that would
 * stand on each other.
 * @param side places by the table above, mirrored for the right side; else out to the nearer edge
 * @param reach share of the table's distance: less on a narrow screen
 * @param wordless only numbers stand by the dog
 */
export function placePlates(
  plates: readonly (Plate & { middle: Pt })[],
  box: readonly [number, number, number, number],
  side: 'left' | 'right' | null,
  reach: number,
  wordless = false,
): PlacedPlate[] {
  const centre = box[0] + box[2] / 2
  const placed = plates.map(({ middle, ...plate }): PlacedPlate => {
    const table = OFFSETS[plate.place]
    const out = middle[0] < centre ? -1 : 1
    const dx = side ? table[0] * (side === 'right' ? -1 : 1) * reach : out * 150 * reach
    const dy = side ? table[1] * reach : -30
    return { ...plate, from: middle, to: [middle[0] + dx, middle[1] + dy], leftward: dx < 0 }
  })
  for (let round = 0; round < 8; round++)
    for (const a of placed)
      for (const b of placed) {
        const down = Math.abs(a.to[1] - b.to[1])
        if (a === b || down >= TALL) continue
        const [ra, rb] = [reachOf(a, wordless), reachOf(b, wordless)]
        if (ra[1] < rb[0] || rb[1] < ra[0]) continue
        const push = (TALL - down) / 2 + 0.5
        const up = a.to[1] < b.to[1] || (down === 0 && a.number < b.number) ? -1 : 1
        a.to = [a.to[0], a.to[1] + up * push]
        b.to = [b.to[0], b.to[1] - up * push]
      }
  return placed
}

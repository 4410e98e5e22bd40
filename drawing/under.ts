import { outline } from './geometry'
import type { Pt } from './geometry'
import { cutUp, partOf } from './plan'
import type { Arrow, CutLine, Drawing, Patch } from './plan'

import { face, pads } from './under-face'
import { across, arrows, loop, page, pageCoat, sided } from './under-page'
import type { Half } from './under-page'

const HAIR: Record<string, number> = {
  throat: 0.06,
  chest: 0.075,
  armpit: 0.06,
  girth: 0.06,
  belly: 0.06,
  'tuck-up': 0.055,
  'inner-thigh': 0.055,
  'under-tail': 0.055,
  tail: 0.08,
  'tail-base': 0.06,
  foreleg: 0.05,
  forefoot: 0.025,
  hock: 0.04,
  hindfoot: 0.025,
  beard: 0.06,
  muzzle: 0.022,
  cheek: 0.045,
  ear: 0.055,
  'ear-edge': 0.06,
  'collar-line': 0.06,
}
const name = (raw: string) => raw.replace('>', '.left').replace('<', '.right')
const patches = (pieces: Map<string, Pt[]>): Patch[] =>
  [...pieces].map(([raw, poly]) => ({
    name: name(raw),
    poly,
    hair: (HAIR[raw.replace(/[<>]/, '')] ?? 0.05) * 500,
  }))

// prettier-ignore
const TRUNK: Half = [[0.11, 1.075, 0.5], [0.14, 0.975, 0.6], [0.2, 0.87, 0.55], [0.235, 0.755, 0.5], [0.25, 0.64, 0.5], [0.245, 0.53, 0.6], [0.2, 0.36, 0.7], [0.18, 0.24, 0.5], [0.15, 0.08, 0.6], [0.085, -0.02, 0.85], [0.035, -0.05, 0.9]]
// prettier-ignore
const TAIL: Half = [[0.035, 0.02, 0], [0.045, -0.06, 0.4], [0.06, -0.14, 0.7], [0.085, -0.22, 0.9], [0.085, -0.3, 1], [0.035, -0.365, 1], [-0.015, -0.3, 1], [-0.025, -0.21, 0.9], [-0.028, -0.12, 0.6], [-0.035, -0.05, 0.3], [-0.035, 0.02, 0]]
// prettier-ignore
const HIND: Half = [[0.05, 0.2, 0], [0.16, 0.295, 0.4], [0.25, 0.345, 0.5], [0.33, 0.35, 0.35], [0.38, 0.31, 0.25], [0.402, 0.24, 0.2], [0.412, 0.165, 0.15], [0.432, 0.125, 0.08], [0.452, 0.165, 0.03], [0.485, 0.205, 0], [0.53, 0.205, 0], [0.562, 0.17, 0], [0.56, 0.115, 0], [0.525, 0.065, 0], [0.47, 0.015, 0.08], [0.415, -0.005, 0.15], [0.365, 0.025, 0.3], [0.33, 0.08, 0.6], [0.285, 0.115, 0.8], [0.215, 0.085, 0.8], [0.13, 0.03, 0.6], [0.05, 0.03, 0]]
// prettier-ignore
const FORE: Half = [[0.1, 0.76, 0], [0.19, 0.69, 0.5], [0.26, 0.68, 0.7], [0.325, 0.705, 0.7], [0.365, 0.765, 0.5], [0.388, 0.83, 0.3], [0.394, 0.88, 0.15], [0.41, 0.915, 0.03], [0.42, 0.955, 0], [0.405, 0.996, 0], [0.372, 1.01, 0], [0.336, 0.998, 0], [0.316, 0.962, 0], [0.324, 0.918, 0.03], [0.326, 0.88, 0.1], [0.302, 0.84, 0.2], [0.245, 0.855, 0.4], [0.1, 0.9, 0]]
// prettier-ignore
const EAR: Half = [[0.085, 1.175, 0.2], [0.135, 1.2, 0.3], [0.2, 1.185, 0.5], [0.262, 1.13, 0.8], [0.3, 1.05, 1], [0.285, 0.998, 1], [0.225, 1.015, 0.9], [0.165, 1.06, 0.6], [0.105, 1.11, 0.3]]
// prettier-ignore
const HEAD: Half = [[0.05, 1.392, 0], [0.078, 1.345, 0.25], [0.094, 1.285, 0.7], [0.112, 1.215, 0.8], [0.135, 1.15, 0.6], [0.125, 1.085, 0.6], [0.07, 1.035, 0.7]]

// prettier-ignore
const TRUNK_CUTS: readonly CutLine[] = [
  ['all', 'throat', 'a', across([[0, 0.925], [0.1, 0.93], [0.4, 0.955]])],
  ['a', 'collar-line', 'b', across([[0, 0.855], [0.1, 0.865], [0.4, 0.91]])],
  ['b', 'c', 'd', across([[0, 0.635], [0.1, 0.64], [0.4, 0.66]])],
  ['c', 'c2', 'armpit<', [[-0.15, 0.95], [-0.135, 0.83], [-0.12, 0.74], [-0.15, 0.62]]],
  ['c2', 'armpit>', 'chest', [[0.15, 0.95], [0.135, 0.83], [0.12, 0.74], [0.15, 0.62]]],
  ['d', 'girth', 'e', across([[0, 0.515], [0.4, 0.53]])],
  ['e', 'low', 'under-tail', across([[0, 0.13], [0.06, 0.15], [0.2, 0.22], [0.4, 0.23]])],
  ['low', 'low2', 'tuck-up<', [[-0.115, 0.6], [-0.12, 0.45], [-0.1, 0.3], [-0.085, 0.1]]],
  ['low2', 'tuck-up>', 'belly', [[0.115, 0.6], [0.12, 0.45], [0.1, 0.3], [0.085, 0.1]]],
]
/** Chest hair runs tailwards, belly and groin hair towards the ribs: they meet about the navel. */
// prettier-ignore
const TRUNK_LIE: readonly Arrow[] = [[0.02, 1.03, 0.05, -1], [0.08, 1, 0.25, -1], [0.02, 0.9, 0.05, -1], [0.13, 0.9, 0.4, -0.9], [0.02, 0.78, 0.08, -1], [0.12, 0.78, 0.5, -0.85], [0.2, 0.8, 0.8, -0.6], [0.22, 0.68, 0.7, -0.7], [0.02, 0.62, 0.1, -1], [0.12, 0.6, 0.35, -0.95], [0.22, 0.55, 0.6, -0.8], [0.02, 0.43, 0.1, 1], [0.1, 0.4, 0.3, 0.95], [0.2, 0.4, 0.4, -0.9], [0.02, 0.28, 0.1, 1], [0.1, 0.28, 0.3, 0.95], [0.17, 0.22, 0.5, -0.7], [0.03, 0.1, 0.1, -1], [0.1, 0.08, 0.4, -0.9], [0.02, 0, 0.1, -1]]
// prettier-ignore
const HIND_LIE: readonly Arrow[] = [[0.12, 0.2, 0.5, 0.3], [0.22, 0.3, 0.8, 0.3], [0.25, 0.2, 0.8, -0.1], [0.35, 0.28, 0.5, -0.7], [0.2, 0.1, 0.7, -0.6], [0.3, 0.13, 0.5, -0.8], [0.38, 0.15, 0.1, -1], [0.39, 0.05, 0.3, -0.9], [0.46, 0.06, 0.6, 0.6], [0.52, 0.15, 0.5, 0.8]]
// prettier-ignore
const FORE_LIE: readonly Arrow[] = [[0.15, 0.82, 0.6, 0.2], [0.25, 0.75, 0.5, -0.6], [0.27, 0.83, 0.6, 0.5], [0.35, 0.8, 0.2, 1], [0.34, 0.88, 0, 1], [0.33, 0.98, -0.3, 0.8], [0.41, 0.97, 0.3, 0.8]]
// prettier-ignore
const TAIL_LIE: readonly Arrow[] = [[0, 0, 0, -1], [0.01, -0.1, 0.1, -1], [0.05, -0.2, 0.25, -1], [0, -0.2, -0.15, -1], [0.03, -0.3, 0.1, -1], [0.08, -0.28, 0.3, -1]]
// prettier-ignore
const EAR_LIE: readonly Arrow[] = [[0.12, 1.15, 1, -0.2], [0.2, 1.15, 0.8, -0.5], [0.17, 1.09, 0.8, -0.6], [0.26, 1.06, 0.5, -0.9], [0.27, 1.02, 0.4, -1]]
// prettier-ignore
const HEAD_LIE: readonly Arrow[] = [[0.02, 1.33, 0.2, 0.9], [0.05, 1.3, 0.8, 0.1], [0.02, 1.26, 0.1, -1], [0.07, 1.22, 0.6, -0.6], [0.02, 1.15, 0.1, -1], [0.1, 1.12, 0.5, -0.8], [0.02, 1.06, 0.05, -1], [0.03, 1.38, 0.7, -0.6]]

const onSide = (list: readonly Arrow[], s: number) =>
  list.map((a): Arrow => [...page([s * a[0], a[1]]), s * a[2], -a[3]])
const bareBetween = (from: number, to: number) => [page([0, to])[1], page([0, from])[1]] as const

export function underView(): Drawing {
  const tail = outline(TAIL.map(pageCoat), [5])
  const trunk = loop(TRUNK)
  const head = loop(HEAD)
  const headCuts: CutLine[] = [
    [
      'all',
      'jaw',
      'throat-top',
      across([
        [0, 1.172],
        [0.05, 1.175],
        [0.3, 1.19],
      ]),
    ],
    [
      'jaw',
      'muzzle',
      'beard',
      across([
        [0, 1.352],
        [0.045, 1.325],
        [0.062, 1.26],
        [0.064, 1.12],
      ]),
    ],
  ]
  const limb = (
    what: string,
    half: Half,
    s: number,
    cuts: (m: string) => CutLine[],
    lie: readonly Arrow[],
  ) => {
    const edge = outline(half.map((q) => pageCoat(sided(s)(q))))
    const mark = s > 0 ? '>' : '<'
    const own = cuts(mark).map(([from, a, b, line]): CutLine => {
      const turned = line.map(sided(s))
      return s > 0 ? [from, a, b, turned] : [from, b, a, turned]
    })
    const pieces = cutUp(edge, own, page)
    return {
      part: partOf(`${what}${mark}`, edge, patches(pieces), onSide(lie, s), {
        halo: what === 'ear' ? 'coat' : 'paper',
      }),
    }
  }
  return {
    box: [20, 45, 660, 975],
    layers: [
      {
        part: partOf(
          'tail',
          tail,
          patches(
            cutUp(
              tail,
              [
                [
                  'all',
                  'tail-base',
                  'tail',
                  [
                    [-0.3, -0.12],
                    [0, -0.135],
                    [0.3, -0.13],
                  ],
                ],
              ],
              page,
            ),
          ),
          TAIL_LIE.map((a): Arrow => [...page([a[0], a[1]]), a[2], -a[3]]),
        ),
      },
      ...[1, -1].map((s) =>
        limb(
          'hind',
          HIND,
          s,
          (m) => [
            [
              'all',
              `inner-thigh${m}`,
              'low',
              [
                [0.28, 0.1],
                [0.345, 0.15],
                [0.46, 0.19],
              ],
            ],
            [
              'low',
              `hindfoot${m}`,
              `hock${m}`,
              [
                [0.42, 0.2],
                [0.455, 0.11],
                [0.53, 0.03],
              ],
            ],
          ],
          HIND_LIE,
        ),
      ),
      ...[1, -1].map((s) =>
        limb(
          'fore',
          FORE,
          s,
          (m) => [
            [
              'all',
              `forefoot${m}`,
              `foreleg${m}`,
              [
                [0.25, 0.9],
                [0.345, 0.893],
                [0.45, 0.895],
              ],
            ],
          ],
          FORE_LIE,
        ),
      ),
      {
        part: partOf('trunk', trunk, patches(cutUp(trunk, TRUNK_CUTS, page)), arrows(TRUNK_LIE), {
          lineWidth: 0.8,
          bare: [bareBetween(0.7, 0.9), bareBetween(0.04, 0.29), bareBetween(1, 2)],
          creases: [[0.35, 0.45, 0.55, 0.65, 0.75, 0.85].map((y): Pt => page([0, y]))],
        }),
      },
      ...[1, -1].map((s) =>
        limb(
          'ear',
          EAR,
          s,
          (m) => [
            [
              'all',
              `ear-edge${m}`,
              `ear${m}`,
              [
                [0.3, 1.2],
                [0.225, 1.1],
                [0.17, 1],
              ],
            ],
          ],
          EAR_LIE,
        ),
      ),
      {
        part: partOf('head', head, patches(cutUp(head, headCuts, page)), arrows(HEAD_LIE), {
          bare: [bareBetween(0, 1.085)],
        }),
      },
      { marks: face() },
      { marks: pads() },
    ],
  }
}

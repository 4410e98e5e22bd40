import { describe, expect, it } from 'vitest'
import { DANGER_IDS, dangersNear } from '../../core/care/tidies/dangers'
import { CUT_IDS } from '../../core/record/tidies'
import { CAUTIONS } from '../../core/coat/cautions'
import { regionOf } from '../../core/coat/regions'
import { BUILD_IDS } from '../builds'
import { distance, inside } from '../geometry'
import { lieFrom } from '../lie'
import { middleOf } from '../middle'
import { underView } from '../under'
import { CARE_DRAWINGS } from './index'
import { DOT } from './panel'
import { careDrawings } from './which'

const drawn = new Map(Object.entries(CARE_DRAWINGS).map(([name, draw]) => [name, draw()]))

describe('the care drawings', () => {
  it.each([...CUT_IDS, 'clip'] as const)('%s: every danger place near it is drawn, hatched', (tidy) => {
    for (const sex of ['female', 'male'] as const)
      for (const build of BUILD_IDS) {
        const ids = careDrawings(tidy, {
          sex,
          neutered: false,
          build,
          fringe: true,
          bearded: true,
          ears: 'hanging',
        }).flatMap((name) => drawn.get(name)!.dangers.map((d) => d.id))
        for (const near of dangersNear(tidy, sex)) expect(ids, `${tidy}, ${sex}, ${build}`).toContain(near)
      }
  })
  it.each(BUILD_IDS)('from the side, %s: every place where thin skin slips into a blade', (build) => {
    const ids = drawn.get(`flank-${build}`)!.dangers.map((d) => d.id)
    for (const d of [
      'flank-fold',
      'elbow-web',
      'hock-tendon',
      'neck-folds',
      'throat',
      'tail-bone',
      'ear-edge',
    ])
      expect(ids).toContain(d)
  })
  it.each(['female', 'male'] as const)(
    'underneath, %s: the arrows run with the lie, from the groin up to the ribs',
    (sex) => {
      const { arrows } = drawn.get(`underside-${sex}`)!
      expect(arrows.length).toBeGreaterThan(0)
      const hind = underView().layers.flatMap((l) =>
        'part' in l && l.part.name.startsWith('hind') ? [l.part] : [],
      )
      for (const d of arrows) {
        const pts = [...d.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(
          (m) => [Number(m[1]), Number(m[2])] as const,
        )
        const [from, next] = [pts[0]!, pts[2]!]
        const leg = hind.find((h) =>
          inside([from[0], from[1]], h.patches.find((x) => /inner-thigh/.test(x.name))!.poly),
        )
        if (leg) {
          // On the leg downward, to the foot, as its own hair is drawn.
          const lie = lieFrom(leg.arrows, 0).at([from[0], from[1]])
          expect(lie[0] * (next[0] - from[0]) + lie[1] * (next[1] - from[1])).toBeGreaterThan(0)
        } else {
          // Head up the page: towards the ribs is a smaller y.
          expect(next[1]).toBeLessThan(from[1])
        }
      }
    },
  )
  it('the coat lies so underneath too, and it is said so at the comb', () => {
    const trunk = underView().layers.flatMap((l) =>
      'part' in l && l.part.name === 'trunk' ? [l.part] : [],
    )[0]!
    const belly = trunk.patches.find((p) => p.name === 'belly')!
    expect(lieFrom(trunk.arrows, 0).at(middleOf(belly.poly))[1]).toBeLessThan(0)
    expect(regionOf('belly').lie).toContain('towards the ribs')
    for (const id of ['belly', 'inner-thigh.left', 'inner-thigh.right'] as const)
      expect(CAUTIONS[regionOf(id).caution]).toMatch(/Cover .*(sheath|vulva)/i)
    expect(CAUTIONS[regionOf('belly').caution]).toMatch(/nipples, any hernia/)
    expect(CAUTIONS[regionOf('inner-thigh.left').caution]).toMatch(/testicles/)
  })
  it('the same place of the other sex is never drawn on this dog', () => {
    for (const [name, p] of drawn) {
      const ids = p.dangers.map((d) => d.id)
      if (name.endsWith('-female')) for (const d of ['sheath', 'testicles']) expect(ids).not.toContain(d)
      if (name.endsWith('-male')) expect(ids).not.toContain('vulva')
    }
  })
  it.each([...drawn])('%s: every sign has a number and words, and no number hides another', (_name, p) => {
    expect(p.keys.length).toBeGreaterThan(1)
    const badges = p.keys.flatMap((k) => k.badges)
    expect(badges).toHaveLength(p.keys.flatMap((k) => k.at).length)
    const [x, y, w, h] = p.box
    const dot = Math.max(w, h) * DOT
    badges.forEach(([bx, by], i) => {
      expect(bx > x && bx < x + w && by > y && by < y + h).toBe(true)
      for (const other of badges.slice(i + 1)) expect(distance([bx, by], other)).toBeGreaterThan(dot * 1.6)
    })
    for (const d of p.dangers) {
      expect(DANGER_IDS).toContain(d.id)
      expect(d.d).not.toMatch(/NaN/)
    }
    if (p.dangers.length) expect(p.keys.some((k) => k.kind === 'danger')).toBe(true)
    if (p.trims.length) expect(p.keys.some((k) => k.kind === 'trim')).toBe(true)
    for (const k of p.keys) expect(k.words).toMatch(/\.$/)
  })
  it('nothing is trimmed at the rear but by guarded clipper, and it says so', () => {
    for (const sex of ['female', 'male'])
      expect(drawn.get(`rear-${sex}`)!.keys.find((k) => k.kind === 'trim')!.words).toMatch(
        /Guarded clipper.*No scissors, ever/,
      )
  })
  it('comes out the same each time', () => {
    expect(CARE_DRAWINGS['foot-below']!()).toEqual(drawn.get('foot-below'))
  })
})

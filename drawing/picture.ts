import type { Drawing, Mark, Part } from './plan'
import { edgeOpacity, farState, hairOpacity, isPaper, tintOpacity } from './states'
import { contourOf, strokesOf } from './strokes'

/** Colours by their names on the page. */
export type Palette = Record<string, string>
const TONES: Record<Mark['tone'], string> = {
  ink: 'ink',
  dark: 'eye',
  gloss: 'gloss',
  iris: 'iris',
  glint: 'glint',
  pad: 'pad',
}
/** Fewer, heavier hairs than on the map, so that it weighs no more than a view may. */
const DETAIL = 1.55
const path = (d: string, more: string) => (d ? `<path d="${d}" ${more}/>` : '')
const outlineOf = (edge: readonly (readonly number[])[]) =>
  `M${edge.map((p) => `${p[0]} ${p[1]}`).join('L')}Z`

function inked(part: Part, states: Record<string, number>): string {
  const { line, tufts } = contourOf(part, DETAIL)
  const halo = part.halo
    ? ` class="s-${part.halo}" stroke-width="${part.haloWidth}" stroke-linejoin="round" paint-order="stroke"`
    : ''
  const stateOf = (name: string) => (part.far ? farState(states) : (states[name] ?? 0))
  const edge = (met: number) =>
    edgeOpacity(
      part.patches.map((p) => stateOf(p.name)),
      met,
    )
  const hair = part.patches.map((patch) => {
    const state = stateOf(patch.name)
    const { tint, lie, cross } = strokesOf(part, patch, state, DETAIL)
    return [
      isPaper(state)
        ? path(outlineOf(patch.poly), `class="paper" clip-path="url(#within-${part.name})"`)
        : '',
      path(tint, `class="tint" fill-opacity="${tintOpacity(state)}"`),
      path(lie, `class="ink" fill-opacity="${hairOpacity(state)}"`),
      path(cross, 'class="ink" fill-opacity=".9"'),
    ].join('')
  })
  const within = hair.some((h) => h.includes('clip-path'))
    ? `<clipPath id="within-${part.name}">${path(outlineOf(part.edge), '')}</clipPath>`
    : ''
  return `${within}<g${part.far ? ' opacity=".55"' : ''}><g${halo}><path d="${outlineOf(part.edge)}" class="${part.far ? 'far' : 'coat'}"/></g>${hair.join('')}${path(line, `class="ink" fill-opacity="${edge(0.95)}"`)}${path(tufts, `class="ink" fill-opacity="${edge(0.9)}"`)}</g>`
}

/**
 * A drawing with its hair, its colours by class: for a page that draws it before its program is there.
 * @param states by patch name, how densely each is drawn
 */
export const inkOf = (drawing: Drawing, states: Record<string, number>): string =>
  drawing.layers
    .map((layer) =>
      'part' in layer
        ? inked(layer.part, states)
        : layer.marks.map((m) => path(m.d, `class="${TONES[m.tone]}" fill-opacity="${m.opacity}"`)).join(''),
    )
    .join('')

/** The same as one picture that needs no page. */
export function pictureOf(
  drawing: Drawing,
  states: Record<string, number>,
  light: Palette,
  dark: Palette,
): string {
  const colours = (of: Palette) =>
    ['ink', 'paper', 'coat', 'far', 'tint', 'eye', 'gloss', 'iris', 'glint', 'pad']
      .map((name) => `.${name}{fill:${of[name]}}`)
      .join('') + ['paper', 'coat'].map((name) => `.s-${name}{stroke:${of[name]}}`).join('')
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${drawing.box.join(' ')}"><style>${colours(light)}@media(prefers-color-scheme:dark){${colours(dark)}}</style>${inkOf(drawing, states)}</svg>`
}

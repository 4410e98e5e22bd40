import type { CoatId } from './coat-types'

/** Tools of the table, what can stand in for each, and how it is kept. Common practice, no source. */
export const TOOL_IDS = [
  'long-slicker',
  'soft-slicker',
  'flat-slicker',
  'pin-brush',
  'two-width-comb',
  'fine-comb',
  'rake',
  'carding',
  'mitt',
  'mist',
  'conditioner',
  'non-slip-mat',
  'lick-mat',
] as const
export type ToolId = (typeof TOOL_IDS)[number]

interface ToolRow {
  label: string
  /** What can be used in its place, best first. */
  standIns: readonly ToolId[]
  /** What to look at, or do, when it is put away. */
  care: string
}

export const TOOLS: Record<ToolId, ToolRow> = {
  'long-slicker': {
    label: 'Long-pin slicker',
    standIns: ['soft-slicker', 'pin-brush'],
    care: 'Lift the hair out. Bent or missing pins scratch: then it is done for.',
  },
  'soft-slicker': {
    label: 'Soft-pin slicker',
    standIns: ['long-slicker', 'pin-brush'],
    care: 'Lift the hair out. Bent or missing pins scratch: then it is done for.',
  },
  'flat-slicker': {
    label: 'Flat slicker',
    standIns: ['soft-slicker', 'long-slicker'],
    care: 'Lift the hair out. Bent or missing pins scratch: then it is done for.',
  },
  'pin-brush': {
    label: 'Pin brush',
    standIns: ['soft-slicker', 'long-slicker'],
    care: 'Lift the hair out. A pin pushed in comes back with a finger behind the cushion.',
  },
  'two-width-comb': {
    label: 'Comb, wide and fine',
    standIns: ['fine-comb'],
    care: 'Wipe it. Run a thumb along it: a rough tooth tears hair.',
  },
  'fine-comb': {
    label: 'Fine comb',
    standIns: ['two-width-comb'],
    care: 'Wipe it. Run a thumb along it: a rough tooth tears hair.',
  },
  rake: {
    label: 'Undercoat rake',
    standIns: ['flat-slicker', 'long-slicker'],
    care: 'Pick the undercoat out. The pins must turn.',
  },
  carding: {
    label: 'Carding knife',
    standIns: ['rake'],
    care: 'Brush it out. It should be dull, not sharp.',
  },
  mitt: { label: 'Rubber mitt', standIns: ['soft-slicker'], care: 'Rinse it and let it dry.' },
  mist: {
    label: 'Mist',
    standIns: ['conditioner'],
    care: 'Made with tap water, empty it tonight: it grows bacteria within a day.',
  },
  conditioner: { label: 'Conditioner', standIns: ['mist'], care: 'Close the lid.' },
  'non-slip-mat': { label: 'Non-slip mat', standIns: [], care: 'Shake it out and let it dry.' },
  'lick-mat': {
    label: 'Lick mat',
    standIns: [],
    care: 'Wash it. Nothing with xylitol, also sold as birch sugar.',
  },
}

/** What a session wants, by coat: the brush, the comb that decides, and what goes with them. */
const FOR_COAT: Record<CoatId, readonly ToolId[]> = {
  wool: ['soft-slicker', 'two-width-comb', 'mist'],
  'wool-cross': ['long-slicker', 'two-width-comb', 'mist'],
  drop: ['pin-brush', 'fine-comb', 'mist'],
  feathered: ['soft-slicker', 'two-width-comb', 'mist'],
  wire: ['soft-slicker', 'two-width-comb', 'mist', 'carding'],
  'double-long': ['flat-slicker', 'rake', 'two-width-comb', 'mist'],
  'double-short': ['flat-slicker', 'rake', 'two-width-comb', 'mist'],
  smooth: ['mitt'],
}
export const toolsFor = (coat: CoatId): readonly ToolId[] => [...FOR_COAT[coat], 'non-slip-mat']

/** Coats whose brush is followed by a second tool before the comb: the rake lifts dead undercoat. */
const SECOND_TOOL: Partial<Record<CoatId, ToolId>> = { 'double-long': 'rake', 'double-short': 'rake' }

/** A tool a session wants: owned, stood in for by another that is, or missing. */
export interface ToolAtHand {
  tool: ToolId
  /** What to lay out: the tool, or what stands in for it; null where nothing owned does. */
  use: ToolId | null
}

/** What to lay out of what is owned. With nothing said of what is owned, all of it is taken to be. */
export function layOut(coat: CoatId, owned: readonly ToolId[] | undefined): ToolAtHand[] {
  return toolsFor(coat).map((tool) => ({
    tool,
    use:
      !owned || owned.includes(tool) ? tool : (TOOLS[tool].standIns.find((t) => owned.includes(t)) ?? null),
  }))
}

/** What goes through the hair before the comb decides, in order: the brush, then a rake where there is undercoat. */
export const brushesFor = (coat: CoatId, owned: readonly ToolId[] | undefined): ToolId[] => {
  const [brush, ...rest] = layOut(coat, owned)
  const second = rest.find((t) => t.tool === SECOND_TOOL[coat])
  return [brush, second].flatMap((t) => (t?.use ? [t.use] : []))
}

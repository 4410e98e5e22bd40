import type { PlaceId } from '../../coat/regions'
import { LEARNT_TOOLS } from '../../record/ladders'
import type { LearntToolId } from '../../record/ladders'

/** What is brought along: a place on the dog, standing on the table, or a tool and its noise. */
export type HandledId = PlaceId | 'table' | LearntToolId
export const isTool = (id: HandledId): id is LearntToolId => LEARNT_TOOLS.some((t) => t === id)

/** Bringing a place along, two minutes a day: the steps, in order (common practice, no source). */
export const HANDLING_STEPS = [
  'hand near',
  'hand on',
  'held softly',
  'back of the tool',
  'one stroke',
  'several strokes',
  'the real job',
] as const
/** The table itself is learned (common practice, no source). */
export const TABLE_STEPS = [
  'a treat for sniffing it',
  'front paws up for a treat',
  'hind end lifted by you',
  'standing on it, and down again',
] as const
/** Each tool by steps of its own (common practice, no source). */
const TOOL_STEPS: Record<LearntToolId, readonly string[]> = {
  brush: [
    'a treat for sniffing it',
    'its back laid on the shoulder',
    'one stroke there',
    'several strokes',
    'down one side',
    'the real job',
  ],
  comb: [
    'a treat for sniffing it',
    'its back drawn down the shoulder',
    'one stroke, the wide end',
    'several strokes',
    'the fine end too',
    'the real job',
  ],
  scissors: [
    'a treat for sniffing them, closed',
    'closed, moved round the foot',
    'their sound, an arm away',
    'their sound beside the foot',
    'closed, laid flat on the foot',
    'a snip of air at the foot',
    'the first hair',
  ],
  clipper: [
    'a treat for sniffing it, off',
    'off, against the coat',
    'running, across the room',
    'running, an arm away',
    'running, on the back of your hand on the dog',
    'running, its side on the coat',
    'one short pass',
  ],
  dryer: [
    'a treat for sniffing it, off',
    'off, moved along the coat',
    'running, in the next room',
    'running low, across the room',
    'running low, an arm away',
    'its air on your hand on the dog',
    'a minute of air on the rump',
  ],
  'nail-tool': [
    'a treat for sniffing it',
    'touched to a foot',
    'touched to each nail',
    'its sound beside the foot',
    'the tip of one nail',
    'two or three nails',
    'a whole foot',
  ],
  toothbrush: [
    'a taste of the paste off your finger',
    'a finger along the side teeth',
    'paste licked off the brush',
    'one tooth at the side',
    'a few seconds a side',
    'both sides',
  ],
  'eye-finger': [
    'a hand at the cheek',
    'a finger below the eye',
    'a finger at the corner',
    'held there for a breath',
    'a damp cloth at the corner',
    'back of the tool at the corner',
    'the corner done',
  ],
}
export const stepsOf = (id: HandledId): readonly string[] =>
  id === 'table' ? TABLE_STEPS : isTool(id) ? TOOL_STEPS[id] : HANDLING_STEPS

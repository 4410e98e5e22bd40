import type { BuildId } from './builds'

export type SheetId = BuildId | 'under' | 'head'

/** The box each sheet is drawn in, known before the sheet arrives so that nothing moves when it does. */
export const BOXES: Record<SheetId, readonly [x: number, y: number, width: number, height: number]> = {
  'drop-eared': [25, 66, 937, 731],
  'prick-eared': [32, -1, 864, 798],
  curly: [62, 43, 757, 754],
  under: [20, 45, 660, 975],
  head: [100, 90, 460, 640],
}

import type { CareKey, CarePanel } from '#drawing/care/panel'

/** The page's colours for the grounds and inks of a care drawing, and for its signs. */
export const CARE_TONES: Record<CarePanel['inks'][number]['tone'], string> = {
  ink: 'var(--ink)',
  coat: 'var(--coat)',
  skin: 'var(--skin)',
  pad: 'var(--pad)',
  paper: 'var(--paper)',
  dark: 'var(--eye)',
  iris: 'var(--iris)',
  glint: 'var(--glint)',
}
export const SIGN_COLOURS: Record<CareKey['kind'], string> = {
  danger: 'var(--caution)',
  trim: 'var(--due)',
  look: 'var(--ink-2)',
}

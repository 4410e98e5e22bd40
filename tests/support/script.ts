import type { WorkStep } from '../../core/care/led/step'

type Scripted = Pick<WorkStep, 'id' | 'cutsWith' | 'near' | 'cautions' | 'asks'> &
  Partial<Pick<WorkStep, 'clock' | 'aside' | 'band' | 'each' | 'draws'>> & {
    part?: string
    mine?: boolean
    waits?: boolean
  }

const list = (mark: string, words: readonly string[]) => (words.length ? ` ${mark} ${words.join(' ')}` : '')

/** What a finding leads to, where it does not simply go on. */
const asked = ({ id, leads, outcome, found, spot, sign, to }: WorkStep['asks'][number]) =>
  [id, leads === 'on' ? null : leads, to, outcome, found, spot, sign].filter(Boolean).join('/')

/**
 * Led work as a script, a line a step: * where it is done part by part, its part, what cuts, its cautions after !, what it
 * comes near after ~, its clock in minutes after @, its drawing after #, and what may be found after ?, with where each
 * leads.
 */
export const scriptOf = (steps: readonly Scripted[]): string[] =>
  steps.map(
    (s) =>
      [
        s.id + (s.each ? '*' : ''),
        s.part,
        s.mine === false && '(groomer)',
        s.waits && '(waits)',
        s.aside && '(aside)',
        s.band && `(band ${s.band})`,
      ]
        .filter(Boolean)
        .join(' ') +
      list('with', s.cutsWith) +
      list('!', s.cautions) +
      list('~', s.near) +
      (s.clock ? ` @ ${s.clock.minutes}` : '') +
      (s.draws ? ` # ${s.draws}` : '') +
      list('?', s.asks.map(asked)),
  )

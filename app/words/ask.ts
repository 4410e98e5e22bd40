import { plural } from './numbers'

/** What an owner who has asked what if would ask of the groomer: carried in the address, put into the note. */
export interface GroomerAsk {
  mm?: number
  weeks?: number
}

/** A sentence for the note; empty if nothing is asked. */
export function sayAsk({ mm, weeks }: GroomerAsk): string {
  const parts = [
    ...(mm ? [`cut to ${mm} mm next time`] : []),
    ...(weeks ? [`see us every ${plural(weeks, 'week')}`] : []),
  ]
  return parts.length ? `Could you ${parts.join(' and ')}?` : ''
}

/** The same from an address; what is not a number within reason is not asked. */
export function askFrom(query: Record<string, unknown>): GroomerAsk {
  const whole = (value: unknown, most: number) => {
    const n = Number(value)
    return Number.isInteger(n) && n > 0 && n <= most ? n : undefined
  }
  const [mm, weeks] = [whole(query.mm, 400), whole(query.weeks, 52)]
  return { ...(mm ? { mm } : {}), ...(weeks ? { weeks } : {}) }
}

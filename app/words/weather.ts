import type { Nudge } from '#core/season/weather'

/** What the weather is worth saying of, in a line; an invention is never told as fact. */
export function sayNudge(n: Nudge, invented: boolean): string {
  const says = ofDay(n)
  return invented ? `Invented weather: ${says.charAt(0).toLowerCase()}${says.slice(1)}` : says
}
function ofDay(n: Nudge): string {
  switch (n.nudge) {
    case 'wet-walk':
      return `Rain today, about ${n.rainMm} mm. A wet walk?`
    case 'muddy':
      return 'The ground is wet from the days before. Muddy legs?'
    case 'seeds':
      return 'Dry grass drops its seeds now. Feel between every toe after a walk.'
    case 'heat':
      return `${n.maxC} °C today: no dryer at noon, and shorter sessions.`
    case 'dry-air':
      return `Dry air today, ${n.humidity} %. Hair flies and knots: mist before you brush.`
  }
}

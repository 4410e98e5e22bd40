import type { ApexOptions } from 'apexcharts'

/** The page's own colours as they are now, for a library that wants them by value. */
const NAMES = ['paper', 'well', 'coat', 'ink', 'ink-2', 'ink-3', 'rule', 'edge', 'due', 'caution'] as const
export type Ink = Record<(typeof NAMES)[number], string>
export function readInk(): Ink {
  const style = getComputedStyle(document.documentElement)
  return Object.fromEntries(NAMES.map((n) => [n, style.getPropertyValue(`--${n}`).trim()])) as Ink
}

const SANS = "'Commissioner Variable', system-ui, sans-serif"
/** Words on a chart, px: as small as anything is read here. */
const WORDS = '13px'

/** What every chart here has in common: thin ink on the page's own ground, words on it, and nothing that moves. */
export function dressed(
  ink: Ink,
  height: number,
): ApexOptions & Required<Pick<ApexOptions, 'chart' | 'xaxis' | 'grid'>> {
  const nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce
  return {
    chart: {
      height,
      fontFamily: SANS,
      foreColor: ink['ink-2'],
      background: 'transparent',
      toolbar: { show: false },
      zoom: { enabled: false },
      selection: { enabled: false },
      animations: { enabled: false },
      parentHeightOffset: 0,
      // The library writes a style sheet of its own, which the page's policy lets in by this.
      ...(nonce ? { nonce } : {}),
    },
    grid: {
      borderColor: ink.rule,
      strokeDashArray: 0,
      padding: { left: 6, right: 12, top: -14, bottom: -4 },
      xaxis: { lines: { show: false } },
      yaxis: { lines: { show: true } },
    },
    legend: { show: false },
    dataLabels: { enabled: false },
    tooltip: { enabled: false },
    states: { hover: { filter: { type: 'none' } }, active: { filter: { type: 'none' } } },
    xaxis: {
      axisBorder: { color: ink.ink, show: true },
      axisTicks: { color: ink.edge, height: 5 },
      labels: { rotate: 0, hideOverlappingLabels: true, style: { fontSize: WORDS, colors: ink['ink-2'] } },
      crosshairs: { show: false },
      tooltip: { enabled: false },
    },
    yaxis: { labels: { style: { fontSize: WORDS, colors: ink['ink-2'] } } },
  }
}

/** Days along the axis, by date. */
export const alongDays = (base: ReturnType<typeof dressed>): ApexOptions['xaxis'] => ({
  ...base.xaxis,
  type: 'datetime',
  labels: { ...base.xaxis.labels, format: 'd MMM', datetimeUTC: true },
})
/** What stands up the page, in a unit that is said with it. */
export const upright = (
  base: ReturnType<typeof dressed>,
  most: number,
  steps: number,
  say: (y: number) => string,
  least = 0,
): ApexOptions['yaxis'] => ({
  ...base.yaxis,
  min: least,
  max: most,
  tickAmount: steps,
  labels: { ...(base.yaxis as { labels: object }).labels, formatter: say },
})
/** A day as the library's time axis has it: its midnight in UTC, so that no zone moves it. */
export const dayMs = (day: string) => Date.parse(`${day}T00:00:00Z`)
/** One stroke a minute, as bars are filled here. */
export const STROKES = (
  styles: ('verticalLines' | 'horizontalLines' | 'slantedLines' | 'circles')[],
): ApexOptions['fill'] => ({
  type: 'pattern',
  pattern: { style: styles, width: 4, height: 4, strokeWidth: 2.4 },
})
/** A length of time's own label beside an upright line. */
export const TODAY = (day: string, ink: Ink, words = 'today') => ({
  x: dayMs(day),
  borderColor: ink.due,
  strokeDashArray: 0,
  borderWidth: 2,
  label: {
    text: words,
    orientation: 'horizontal',
    offsetY: -4,
    borderWidth: 0,
    style: { background: ink.paper, color: ink.due, fontSize: '13.5px', fontWeight: 650, fontFamily: SANS },
  },
})

import loadHighs from 'highs'
import { nodesOf } from '../../core/plan/best/instance'
import type { Chosen, Instance } from '../../core/plan/best/instance'

/**
 * The same stretch as a mixed-integer program: each unit a unit of flow from the first node to the
 * last (z), which days it stops at (x), which days are open (y), and for what is refused, an open day
 * between two stops; what needs another stops only where that does.
 */
function programOf(instance: Instance): string {
  const { units, days, limit, setup, minutes, cost, spaced } = instance
  const nodes = nodesOf(instance)
  const end = nodes - 1
  const objective: string[] = []
  const rows: string[] = []
  const into = new Map<string, string[]>()
  const add = (key: string, term: string) => {
    const list = into.get(key)
    if (list) list.push(term)
    else into.set(key, [term])
  }
  const num = (x: number) => x.toFixed(9)
  for (let u = 0; u < units; u++) {
    for (let j = 1; j < nodes; j++)
      for (let i = 0; i < j; i++) {
        const c = cost[u]![j * nodes + i]!
        if (!Number.isFinite(c)) continue
        const z = `z${u}_${i}_${j}`
        objective.push(`${num(c)} ${z}`)
        add(`in${u}_${j}`, z)
        add(`out${u}_${i}`, z)
        if (!spaced[u] || j === end || (i === 0 && spaced[u] !== 2)) continue
        const between = Array.from({ length: Math.max(0, j - i - 1) }, (_, n) => `y${i + n}`)
        rows.push(`${z} ${between.map((y) => `- ${y}`).join(' ')} <= 0`)
      }
    rows.push(`${(into.get(`out${u}_0`) ?? []).join(' + ')} = 1`)
    for (let k = 0; k < days; k++) {
      const entering = into.get(`in${u}_${k + 1}`) ?? []
      const leaving = into.get(`out${u}_${k + 1}`) ?? []
      rows.push(`${entering.join(' + ')} - x${u}_${k} = 0`, `${leaving.join(' + ')} - x${u}_${k} = 0`)
      rows.push(`x${u}_${k} - y${k} <= 0`)
    }
  }
  for (const { unit, on } of instance.needs ?? [])
    for (const u of on) for (let k = 0; k < days; k++) rows.push(`x${unit}_${k} - x${u}_${k} <= 0`)
  for (let k = 0; k < days; k++) {
    objective.push(`${setup} y${k}`)
    const taken = Array.from({ length: units }, (_, u) => `${num(minutes[u * days + k]!)} x${u}_${k}`)
    rows.push(`${taken.join(' + ')} - ${num(limit[k]! - setup)} y${k} <= 0`)
    rows.push(`y${k} ${Array.from({ length: units }, (_, u) => `- x${u}_${k}`).join(' ')} <= 0`)
  }
  const binary = [
    ...Array.from({ length: units * days }, (_, c) => `x${Math.floor(c / days)}_${c % days}`),
    ...Array.from({ length: days }, (_, k) => `y${k}`),
  ]
  return [
    'Minimize',
    ` o: ${objective.join('\n + ')}`,
    'Subject To',
    ...rows.map((r, n) => ` r${n}: ${r}`),
    'Binary',
    ...binary.map((b) => ` ${b}`),
    'End',
  ].join('\n')
}

export interface Exact {
  status: string
  /** Of the best plan found; Infinity if none was. */
  cost: number
  chosen: Chosen
  seconds: number
}

/** Solves a stretch with HiGHS, to the last digit or until the time is up. */
export async function solveExactly(instance: Instance, seconds = 300): Promise<Exact> {
  const highs = await loadHighs()
  const start = performance.now()
  const found = highs.solve(programOf(instance), {
    time_limit: seconds,
    mip_rel_gap: 1e-7,
    output_flag: false,
  })
  const chosen = new Uint8Array(instance.units * instance.days)
  for (const [name, column] of Object.entries(found.Columns)) {
    const x = /^x(\d+)_(\d+)$/.exec(name)
    if (x && 'Primal' in column && column.Primal > 0.5)
      chosen[Number(x[1]) * instance.days + Number(x[2])] = 1
  }
  return {
    status: found.Status,
    cost: found.ObjectiveValue || Infinity,
    chosen,
    seconds: (performance.now() - start) / 1000,
  }
}

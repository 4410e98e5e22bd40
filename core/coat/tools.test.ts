import { describe, expect, it } from 'vitest'
import { COAT_IDS, COATS } from './coat-types'
import { brushesFor, layOut, TOOL_IDS, TOOLS, toolsFor } from './tools'

describe('tools for a session', () => {
  it('every coat that knots has a comb to decide by; only a smooth one has none', () => {
    for (const coat of COAT_IDS)
      expect(toolsFor(coat).some((t) => t.endsWith('comb'))).toBe(coat !== 'smooth')
  })
  it('a pin brush stands in for a slicker, nothing for a comb of any kind', () => {
    const out = layOut('wool-cross', ['pin-brush', 'mist', 'non-slip-mat'])
    expect(out.map((t) => t.use)).toEqual(['pin-brush', null, 'mist', 'non-slip-mat'])
  })
  it('with nothing said, all is taken to be there', () => {
    expect(layOut('drop', undefined).every((t) => t.use === t.tool)).toBe(true)
  })
  it('a double coat keeps its rake at the table, and mist is laid out for every coat asked to be misted', () => {
    expect(brushesFor('double-long', undefined)).toEqual(['flat-slicker', 'rake'])
    expect(brushesFor('double-short', ['flat-slicker', 'rake'])).toEqual(['flat-slicker', 'rake'])
    expect(brushesFor('double-short', ['pin-brush'])).toEqual([])
    expect(brushesFor('wool', undefined)).toEqual(['soft-slicker'])
    for (const coat of COAT_IDS) expect(toolsFor(coat).includes('mist')).toBe(COATS[coat].mist !== 'none')
  })
  it('no tool stands in for itself, and each has its care', () => {
    for (const id of TOOL_IDS) {
      expect(TOOLS[id].standIns).not.toContain(id)
      expect(TOOLS[id].care.length).toBeGreaterThan(10)
    }
  })
})

import { expect, it } from 'vitest'
import { garmentHours, wornIn } from './garments'

it('clothes are worn from month to month, over the new year too; the longest worn counts', () => {
  const garments = [
    { what: 'jumper', from: 11, to: 2, hours: 3 },
    { what: 'coat', from: 1, to: 3, hours: 8 },
    { what: 'scarf', from: 1, to: 12, hours: 0 },
  ]
  const hours = Array.from({ length: 12 }, (_, m) => garmentHours({ garments }, m + 1))
  expect(hours).toEqual([8, 8, 8, 0, 0, 0, 0, 0, 0, 0, 3, 3])
  expect(wornIn({ garments }, 12)?.what).toBe('jumper')
  expect(wornIn({ garments: [{ what: 'scarf', from: 1, to: 12, hours: 0 }] }, 4)).toBeNull()
  expect(wornIn({}, 4)).toBeNull()
})

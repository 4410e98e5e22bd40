/**
 * Body surface area of a dog, m², from its weight in kg.
 *
 * BSA = 10.1 · (1000·kg)^(2/3) · 10⁻⁴. Published: the weight-to-surface tables of veterinary
 * handbooks (K = 10.1 for dogs).
 * @throws RangeError outside 0.5 to 120 kg, where no dog is.
 */
export function bodySurfaceArea(kg: number): number {
  if (!(kg >= MIN_KG && kg <= MAX_KG)) throw new RangeError(`No dog weighs ${kg} kg.`)
  return 10.1 * Math.pow(1000 * kg, 2 / 3) * 1e-4
}

/** Lightest and heaviest dog the record takes, kg (judgement). */
export const MIN_KG = 0.5
export const MAX_KG = 120

/** How many times the coat of a 10 kg dog this is, as a length: sqrt(BSA ÷ BSA(10 kg)). */
export const sizeFactor = (kg: number) => Math.sqrt(bodySurfaceArea(kg) / bodySurfaceArea(10))

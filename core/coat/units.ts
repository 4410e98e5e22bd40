/** Units an owner may work in. Factors published: the international yard and pound, the SI brochure. */
export const ML_PER = {
  ml: 1,
  /** US customary fluid ounce. */
  'fl oz (US)': 29.5735295625,
  /** Imperial fluid ounce. */
  'fl oz (UK)': 28.4130625,
  /** Metric kitchen spoons. */
  teaspoon: 5,
  tablespoon: 15,
} as const
export type VolumeUnit = keyof typeof ML_PER
export const VOLUME_UNITS = Object.keys(ML_PER) as VolumeUnit[]
export const MM_PER_INCH = 25.4
export const KG_PER_LB = 0.45359237

export const toMl = (amount: number, unit: VolumeUnit): number => amount * ML_PER[unit]
export const fromMl = (ml: number, unit: VolumeUnit): number => ml / ML_PER[unit]
export const fahrenheit = (celsius: number): number => celsius * 1.8 + 32
export const celsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8

import type { CareCautionId } from './cautions'

/** The tidies that take hair off. */
export const TRIM_IDS = ['face', 'paws', 'sanitary', 'ears', 'neatening'] as const
export type TrimId = (typeof TRIM_IDS)[number]

interface DangerRow {
  label: string
  /** Why no blade goes there. */
  why: string
  /** Tidies that come near it, and a body clip. */
  near: readonly (TrimId | 'clip')[]
  /** The caution that stands before an act near it. */
  caution: CareCautionId
  sex?: 'female' | 'male'
}

/**
 * Danger places: never a blade there, whatever an owner has been taught. Common practice, no source;
 * where nipples lie and how many there are, and where an ear folds, is from memory and differs by dog.
 */
export const DANGERS = {
  eyes: {
    label: 'the eye and its lids',
    why: 'A point there cannot be undone.',
    near: ['face'],
    caution: 'eye',
  },
  mouth: { label: 'tongue and lips', why: 'They move into the blade.', near: ['face'], caution: 'mouth' },
  'toe-webs': {
    label: 'the webs between the toes',
    why: 'They are skin.',
    near: ['paws', 'clip'],
    caution: 'webs',
  },
  pads: { label: 'the pads', why: 'Skin, and it bleeds.', near: ['paws'], caution: 'pads' },
  anus: { label: 'the anus', why: 'Thin skin that tightens.', near: ['sanitary'], caution: 'rear' },
  vulva: {
    label: 'the vulva',
    why: 'Folds of skin under the hair.',
    near: ['sanitary'],
    caution: 'rear',
    sex: 'female',
  },
  sheath: {
    label: 'the sheath',
    why: 'Loose skin.',
    near: ['sanitary', 'clip'],
    caution: 'cover',
    sex: 'male',
  },
  testicles: {
    label: 'the testicles',
    why: 'Loose, thin skin.',
    near: ['sanitary'],
    caution: 'testicles',
    sex: 'male',
  },
  nipples: {
    label: 'the nipples',
    why: 'Hidden in the coat, on males too; how many differs.',
    near: ['sanitary', 'clip'],
    caution: 'cover',
  },
  hernia: {
    label: 'any hernia',
    why: 'A soft lump by the navel or groin, where there is one.',
    near: ['sanitary', 'clip'],
    caution: 'cover',
  },
  'flank-fold': {
    label: 'the flank fold',
    why: 'Loose skin that rises between the teeth.',
    near: ['sanitary', 'clip'],
    caution: 'folds',
  },
  'elbow-web': {
    label: 'the elbow web',
    why: 'Loose skin that rises between the teeth.',
    near: ['clip'],
    caution: 'folds',
  },
  'hock-tendon': {
    label: 'the hock tendon',
    why: 'Skin over tendon, no flesh.',
    near: ['neatening', 'clip'],
    caution: 'tendon',
  },
  'neck-folds': {
    label: 'the neck folds',
    why: 'Skin that folds as the head turns.',
    near: ['clip'],
    caution: 'neck-folds',
  },
  throat: {
    label: 'the throat',
    why: 'Loose skin over soft parts.',
    near: ['clip', 'face'],
    caution: 'head',
  },
  'ear-edge': {
    label: 'the ear’s leather edge',
    why: 'It ends under the hair, higher than it looks.',
    near: ['ears', 'clip'],
    caution: 'leather',
  },
  'ear-fold': {
    label: 'the fold at the ear’s rear edge',
    why: 'A pocket of thin skin.',
    near: ['ears'],
    caution: 'leather',
  },
  'ear-canal': { label: 'the ear canal', why: 'Nothing goes in.', near: ['ears'], caution: 'canal' },
  'tail-bone': {
    label: 'the last tail bone',
    why: 'It ends before the hair does.',
    near: ['neatening', 'clip'],
    caution: 'tail-bone',
  },
} as const satisfies Record<string, DangerRow>
export type DangerId = keyof typeof DANGERS
export const DANGER_IDS = Object.keys(DANGERS) as DangerId[]
export const dangerRow = (id: DangerId): DangerRow => DANGERS[id]

/** Danger places a tidy comes near, on this dog. */
export const dangersNear = (tidy: TrimId | 'clip', sex: 'female' | 'male'): DangerId[] =>
  DANGER_IDS.filter((id) => {
    const row = dangerRow(id)
    return row.near.includes(tidy) && (!row.sex || row.sex === sex)
  })

import type { CareCautionId } from '../cautions'
import type { CutId } from '../../record/tidies'

interface DangerRow {
  label: string
  /** Tidies that come near it, and a body clip. */
  near: readonly CutId[]
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
    near: ['face'],
    caution: 'eye',
  },
  mouth: { label: 'tongue and lips', near: ['face'], caution: 'mouth' },
  'toe-webs': {
    label: 'the webs between the toes',
    near: ['paws', 'clip'],
    caution: 'webs',
  },
  pads: { label: 'the pads', near: ['paws'], caution: 'pads' },
  anus: { label: 'the anus', near: ['sanitary', 'clip'], caution: 'rear' },
  vulva: {
    label: 'the vulva',
    near: ['sanitary', 'clip'],
    caution: 'rear',
    sex: 'female',
  },
  sheath: {
    label: 'the sheath',
    near: ['sanitary', 'clip'],
    caution: 'cover',
    sex: 'male',
  },
  testicles: {
    label: 'the testicles',
    near: ['sanitary', 'clip'],
    caution: 'testicles',
    sex: 'male',
  },
  nipples: {
    label: 'the nipples',
    near: ['sanitary', 'clip'],
    caution: 'cover',
  },
  hernia: {
    label: 'any hernia',
    near: ['sanitary', 'clip'],
    caution: 'cover',
  },
  'flank-fold': {
    label: 'the flank fold',
    near: ['sanitary', 'clip'],
    caution: 'folds',
  },
  'elbow-web': {
    label: 'the elbow web',
    near: ['clip'],
    caution: 'folds',
  },
  'hock-tendon': {
    label: 'the hock tendon',
    near: ['neatening', 'clip'],
    caution: 'tendon',
  },
  'neck-folds': {
    label: 'the neck folds',
    near: ['clip'],
    caution: 'neck-folds',
  },
  throat: {
    label: 'the throat',
    near: ['clip', 'face'],
    caution: 'head',
  },
  'ear-edge': {
    label: 'the ear’s leather edge',
    near: ['ears', 'clip'],
    caution: 'leather',
  },
  'ear-fold': {
    label: 'the fold at the ear’s rear edge',
    near: ['ears'],
    caution: 'leather',
  },
  quick: { label: 'the quick', near: ['nails'], caution: 'quick' },
  'ear-canal': { label: 'the ear canal', near: ['ears'], caution: 'canal' },
  'tail-bone': {
    label: 'the last tail bone',
    near: ['neatening', 'clip'],
    caution: 'tail-bone',
  },
} as const satisfies Record<string, DangerRow>
export type DangerId = keyof typeof DANGERS
export const DANGER_IDS = Object.keys(DANGERS) as DangerId[]
export const dangerRow = (id: DangerId): DangerRow => DANGERS[id]

/** Danger places a tidy comes near, on this dog. */
export const dangersNear = (tidy: CutId, sex: 'female' | 'male'): DangerId[] =>
  DANGER_IDS.filter((id) => {
    const row = dangerRow(id)
    return row.near.includes(tidy) && (!row.sex || row.sex === sex)
  })

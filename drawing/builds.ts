import { DROP_EARED, HAIR_LENGTH } from './side-data'
import type { Arrow, Landmarks } from './plan'

/** An ear is a part of its own, laid over the head: its outline, its lie, and the cut to its edge. */
interface Ear {
  corners: readonly number[]
  points: readonly (readonly [number, number, number])[]
  lie: readonly Arrow[]
  cut: readonly (readonly [number, number])[]
}

/** A build moves the landmarks of the side view, and says how the face and hair differ. */
export interface Build {
  landmarks: Landmarks
  ear: Ear
  eye: readonly [x: number, y: number, r: number]
  hair: Record<string, number>
  /** Moustache, beard and brow strands. */
  furnished: boolean
  brow: number
  /** Where a far, pricked ear shows behind, if it does. */
  farEar: readonly [number, number] | null
  /** Far legs wider by this, where the coat is thick on the leg. */
  farPuff: number
  /** How much the hair waves, radians. */
  wave: number
  /** Ear line left out below this height, where the ear grows out of the head. */
  earLineFrom: number | null
}

// prettier-ignore
const DROP_EAR: Ear = {
    corners: [],
    points: [[-0.085, 1.262, 0.1], [-0.05, 1.318, 0.15], [0.025, 1.285, 0.25], [0.066, 1.18, 0.6], [0.07, 1.09, 0.9], [0.03, 1, 1], [-0.03, 1.04, 0.9], [-0.078, 1.15, 0.4]],
    lie: [[-0.045, 1.31, 0.5, -0.5], [0, 1.29, 0.5, -0.8], [-0.06, 1.22, -0.1, -1], [0, 1.2, 0.05, -1], [0.055, 1.19, 0.3, -1], [-0.05, 1.1, -0.1, -1], [0, 1.1, 0, -1], [0.05, 1.07, 0.2, -1], [0.01, 1.03, 0, -1]],
    cut: [[-0.1, 1.12], [-0.055, 1.115], [-0.02, 1.1], [0.02, 1.12], [0.035, 1.2], [0.03, 1.35]],
  }
// prettier-ignore
const PRICK_EAR: Ear = {
    corners: [2],
    points: [[-0.098, 1.3, 0.1], [-0.095, 1.385, 0.05], [-0.052, 1.5, 0.02], [0, 1.415, 0.2], [0.036, 1.32, 0.5], [-0.005, 1.28, 0.7], [-0.06, 1.272, 0.6]],
    lie: [[-0.085, 1.33, 0.1, 1], [-0.065, 1.4, 0.15, 1], [-0.05, 1.47, 0, 1], [-0.01, 1.4, -0.15, 1], [-0.03, 1.34, 0, 1], [0.02, 1.33, 0.2, 0.9], [0.01, 1.29, 0.7, -0.5], [-0.05, 1.28, 0.6, 0.2]],
    cut: [[-0.15, 1.325], [-0.06, 1.32], [-0.035, 1.35], [-0.03, 1.43], [-0.042, 1.56]],
  }
// prettier-ignore
const ROUND_EAR: Ear = {
    corners: [],
    points: [[-0.07, 1.27, 0.5], [-0.03, 1.32, 0.5], [0.04, 1.29, 0.6], [0.085, 1.19, 0.9], [0.085, 1.11, 1], [0.04, 1.04, 1], [-0.025, 1.07, 1], [-0.072, 1.16, 0.7]],
    lie: [[-0.045, 1.31, 0.5, -0.5], [0, 1.29, 0.5, -0.8], [-0.06, 1.22, -0.1, -1], [0, 1.2, 0.05, -1], [0.055, 1.19, 0.3, -1], [-0.05, 1.1, -0.1, -1], [0, 1.1, 0, -1], [0.05, 1.07, 0.2, -1], [0.01, 1.03, 0, -1]],
    cut: [[-0.1, 1.12], [-0.055, 1.115], [-0.02, 1.1], [0.02, 1.12], [0.035, 1.2], [0.03, 1.35]],
  }

// prettier-ignore
const WOLFISH: Landmarks = {
  nose: [-0.345, 1.19, 0],
  noseTop: [-0.324, 1.22, 0],
  bridge: [-0.245, 1.25, 0.05],
  stop: [-0.178, 1.274, 0.1],
  brow: [-0.135, 1.315, 0.15],
  skullTop: [-0.06, 1.345, 0.2],
  occiput: [0.03, 1.33, 0.45],
  nape: [0.125, 1.235, 0.8],
  neckBase: [0.215, 1.115, 0.8],
  withers: [0.315, 1.03, 0.7],
  back: [0.475, 0.985, 0.5],
  loin: [0.7, 0.985, 0.5],
  croup: [0.865, 0.955, 0.5],
  tailSet: [0.96, 0.88, 0.5],
  tailTop1: [1.05, 0.78, 0.5],
  tailTop2: [1.125, 0.64, 0.7],
  tailTop3: [1.195, 0.49, 0.8],
  tailTip: [1.262, 0.3, 0.9],
  tailLow3: [1.12, 0.345, 1],
  tailLow2: [1.04, 0.45, 1],
  tailLow1: [1, 0.58, 0.9],
  tailRoot: [0.985, 0.735, 0.6],
  rump: [1, 0.69, 0.7],
  thighBack: [1.005, 0.61, 0.9],
  breeches: [0.99, 0.5, 0.9],
  achilles: [1.023, 0.35, 0.35],
  hock: [1.066, 0.272, 0.15],
  rearPastern: [1.057, 0.15, 0.1],
  heel: [1.047, 0.03, 0.05],
  hindPad: [1.026, 0, 0],
  hindToe: [0.938, 0, 0],
  hindToeTip: [0.921, 0.028, 0],
  hindKnuckle: [0.943, 0.062, 0],
  hindInstep: [0.983, 0.1, 0.05],
  hockFront: [0.985, 0.25, 0.12],
  shin: [0.912, 0.36, 0.3],
  stifle: [0.808, 0.495, 0.4],
  flank: [0.771, 0.575, 0.65],
  tuckUp: [0.714, 0.53, 0.7],
  belly: [0.567, 0.475, 0.9],
  brisket: [0.416, 0.44, 0.9],
  elbow: [0.305, 0.45, 0.7],
  forearmBack: [0.285, 0.35, 0.7],
  wristBack: [0.256, 0.19, 0.3],
  pasternBack: [0.247, 0.085, 0.2],
  foreHeel: [0.247, 0.025, 0.05],
  forePad: [0.225, 0, 0],
  foreToe: [0.126, 0, 0],
  foreToeTip: [0.108, 0.028, 0],
  foreKnuckle: [0.13, 0.062, 0],
  foreInstep: [0.16, 0.108, 0.05],
  wristFront: [0.163, 0.2, 0.08],
  forearmFront: [0.15, 0.37, 0.15],
  upperArm: [0.115, 0.5, 0.5],
  chestLow: [0.035, 0.53, 0.9],
  forechest: [-0.09, 0.73, 1],
  neckFront: [-0.095, 0.9, 1],
  throat: [-0.05, 1.03, 0.9],
  beardBack: [-0.12, 1.08, 0.35],
  beard: [-0.225, 1.088, 0.15],
  chin: [-0.3, 1.108, 0.05],
  lip: [-0.33, 1.138, 0],
  noseUnder: [-0.34, 1.162, 0],
}

// prettier-ignore
const CURLY: Landmarks = {
  nose: [-0.285, 1.18, 0],
  noseTop: [-0.264, 1.208, 0],
  bridge: [-0.222, 1.228, 0.35],
  stop: [-0.188, 1.258, 0.6],
  brow: [-0.165, 1.335, 0.85],
  skullTop: [-0.055, 1.412, 0.9],
  occiput: [0.065, 1.372, 0.9],
  nape: [0.13, 1.25, 0.9],
  neckBase: [0.205, 1.12, 0.8],
  withers: [0.29, 1.04, 0.7],
  back: [0.46, 1.005, 0.7],
  loin: [0.65, 1.005, 0.7],
  croup: [0.8, 0.985, 0.7],
  tailSet: [0.868, 0.955, 0.6],
  tailTop1: [0.85, 1.06, 0.7],
  tailTop2: [0.83, 1.18, 0.8],
  tailTop3: [0.88, 1.29, 0.9],
  tailTip: [1, 1.33, 1],
  tailLow3: [1.09, 1.23, 1],
  tailLow2: [1.105, 1.09, 1],
  tailLow1: [1.05, 0.975, 0.9],
  tailRoot: [0.948, 0.885, 0.6],
  rump: [0.972, 0.79, 0.8],
  thighBack: [0.99, 0.65, 0.9],
  breeches: [0.975, 0.5, 0.9],
  achilles: [1, 0.345, 0.75],
  hock: [1.032, 0.262, 0.65],
  rearPastern: [1.025, 0.15, 0.6],
  heel: [1.01, 0.03, 0.4],
  hindPad: [0.985, 0, 0.2],
  hindToe: [0.885, 0, 0.2],
  hindToeTip: [0.866, 0.032, 0.3],
  hindKnuckle: [0.882, 0.075, 0.45],
  hindInstep: [0.912, 0.12, 0.5],
  hockFront: [0.915, 0.25, 0.65],
  shin: [0.86, 0.355, 0.75],
  stifle: [0.775, 0.46, 0.8],
  flank: [0.735, 0.52, 0.8],
  tuckUp: [0.68, 0.475, 0.9],
  belly: [0.54, 0.435, 0.9],
  brisket: [0.4, 0.41, 0.9],
  elbow: [0.318, 0.42, 0.9],
  forearmBack: [0.308, 0.33, 0.85],
  wristBack: [0.292, 0.19, 0.75],
  pasternBack: [0.28, 0.09, 0.6],
  foreHeel: [0.268, 0.028, 0.4],
  forePad: [0.24, 0, 0.2],
  foreToe: [0.12, 0, 0.2],
  foreToeTip: [0.1, 0.032, 0.3],
  foreKnuckle: [0.112, 0.078, 0.45],
  foreInstep: [0.125, 0.125, 0.5],
  wristFront: [0.125, 0.205, 0.6],
  forearmFront: [0.118, 0.37, 0.65],
  upperArm: [0.085, 0.48, 0.8],
  chestLow: [0.02, 0.5, 0.9],
  forechest: [-0.085, 0.7, 0.9],
  neckFront: [-0.095, 0.9, 0.9],
  throat: [-0.085, 1, 0.9],
  beardBack: [-0.145, 1.03, 0.85],
  beard: [-0.215, 1.035, 0.85],
  chin: [-0.255, 1.095, 0.6],
  lip: [-0.272, 1.134, 0.3],
  noseUnder: [-0.278, 1.156, 0],
}

const SHORT_FACE = {
  crown: 0.035,
  fringe: 0.022,
  cheek: 0.04,
  muzzle: 0.018,
  beard: 0.022,
  chest: 0.1,
  nape: 0.075,
  side: 0.085,
  ear: 0.025,
  'ear-edge': 0.04,
}

export const BUILD_IDS = ['drop-eared', 'prick-eared', 'curly'] as const
export type BuildId = (typeof BUILD_IDS)[number]

export const BUILDS: Record<BuildId, Build> = {
  'drop-eared': {
    landmarks: DROP_EARED,
    ear: DROP_EAR,
    eye: [-0.133, 1.246, 0.0165],
    hair: HAIR_LENGTH,
    furnished: true,
    brow: 20,
    farEar: null,
    farPuff: 0,
    wave: 0.22,
    earLineFrom: null,
  },
  'prick-eared': {
    landmarks: WOLFISH,
    ear: PRICK_EAR,
    eye: [-0.135, 1.246, 0.0155],
    hair: { ...HAIR_LENGTH, ...SHORT_FACE },
    furnished: false,
    brow: 0,
    farEar: [-0.052, -0.006],
    farPuff: 0,
    wave: 0.22,
    earLineFrom: 1.335,
  },
  curly: {
    landmarks: CURLY,
    ear: ROUND_EAR,
    eye: [-0.14, 1.232, 0.0185],
    hair: {
      ...HAIR_LENGTH,
      back: 0.07,
      nape: 0.08,
      foreleg: 0.06,
      hock: 0.05,
      hindfoot: 0.04,
      forefoot: 0.04,
      crown: 0.07,
      muzzle: 0.03,
    },
    furnished: true,
    brow: 30,
    farEar: null,
    farPuff: 0.022,
    wave: 0.75,
    earLineFrom: null,
  },
}

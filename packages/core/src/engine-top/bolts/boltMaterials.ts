/** Strength of a bolt by its marking, Pa. */
export interface BoltClass {
  readonly name: string
  readonly tensilePa: number
  /** Stress it bears without staying longer. */
  readonly proofPa: number
}

const MPA = 1e6
const KSI = 6.894757e6

/** ISO 898-1 (property classes), SAE J429 (grades), ISO 3506-1 (stainless; its 0.2 % limit stands for proof). */
export const BOLT_CLASSES = {
  '5.8': { name: '5.8', tensilePa: 520 * MPA, proofPa: 380 * MPA },
  '8.8': { name: '8.8', tensilePa: 800 * MPA, proofPa: 580 * MPA },
  '10.9': { name: '10.9', tensilePa: 1040 * MPA, proofPa: 830 * MPA },
  'grade 2': { name: 'grade 2', tensilePa: 74 * KSI, proofPa: 55 * KSI },
  'grade 5': { name: 'grade 5', tensilePa: 120 * KSI, proofPa: 85 * KSI },
  'grade 8': { name: 'grade 8', tensilePa: 150 * KSI, proofPa: 120 * KSI },
  'A2-70': { name: 'A2-70 stainless', tensilePa: 700 * MPA, proofPa: 450 * MPA },
} as const satisfies Record<string, BoltClass>
export type BoltClassId = keyof typeof BOLT_CLASSES

/** What the hole is tapped into. */
export interface TappedMaterial {
  readonly name: string
  /** Of ordinary castings and plain steel, typical. */
  readonly tensilePa: number
  /** Wanted engagement as a share of the bolt's diameter: least, and beyond which more is of no use. Rule of thumb. */
  readonly engagement: readonly [least: number, most: number]
}

export const TAPPED_MATERIALS = {
  aluminium: { name: 'cast aluminium', tensilePa: 190 * MPA, engagement: [1.5, 2.5] },
  iron: { name: 'cast iron', tensilePa: 220 * MPA, engagement: [1, 1.25] },
  steel: { name: 'steel', tensilePa: 400 * MPA, engagement: [1, 1.25] },
} as const satisfies Record<string, TappedMaterial>
export type TappedMaterialId = keyof typeof TAPPED_MATERIALS

/** Shear strength as a share of tensile strength: von Mises, 1/sqrt(3). */
export const SHEAR_SHARE = 1 / Math.sqrt(3)

/** Torque coefficient K of T = K d F by how the thread is. Rules of thumb; a sixth either way is ordinary. */
export const TORQUE_COEFFICIENTS = {
  dry: 0.2,
  oiled: 0.15,
  'thread sealant': 0.14,
  'anti-seize': 0.12,
} as const
export type ThreadState = keyof typeof TORQUE_COEFFICIENTS

import { figure, group, setOf, text, word, type ValueOf } from '../shape/index.ts'

export const FACT_NAMES = [
  'owner',
  'phone',
  'address',
  'registration',
  'chassis',
  'engine',
  'odometer',
  'keyNumber',
] as const
export type FactName = (typeof FACT_NAMES)[number]

/** Whose car it is and by what it is told from another. Kept from guests; on papers only what is chosen. */
export const FACTS = group({
  owner: text(120),
  phone: text(40),
  address: text(300),
  registration: text(20),
  chassis: text(40),
  engine: text(40),
  odometerM: figure('roadDistance', 0, 5e9, 'm'),
  keyNumber: text(40),
  /** What the workshop prints. */
  onPapers: setOf(word(...FACT_NAMES), FACT_NAMES.length, true),
})
export type FactsSection = ValueOf<typeof FACTS>

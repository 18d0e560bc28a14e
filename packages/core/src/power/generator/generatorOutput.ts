/** A generator's output over its own shaft's speed, as a limit of current. */
export type OutputTable = readonly (readonly [speedRpm: number, currentA: number])[]

export type GeneratorKind = 'dynamo' | 'alternator'

/** Cut-in of a typical generator, shaft rpm. Typical. */
export const CUT_IN_RPM: Readonly<Record<GeneratorKind, number>> = { alternator: 1100, dynamo: 1250 }

/**
 * Output of a typical generator from its rating. Alternator: I = I_r (1 - exp(-(n - n0)/n1)) with n1 = 1500 rpm, from cut-in.
 * Dynamo: straight from nothing at cut-in to its rating at 2.1 times that speed, held there by its regulator's current coil.
 * Typical; a table measured on the bench wins.
 */
export const typicalOutput = (kind: GeneratorKind, ratedA: number, cutInRpm: number): OutputTable => {
  if (kind === 'dynamo') return [[0, 0], [cutInRpm, 0], [2.1 * cutInRpm, ratedA]] // prettier-ignore
  const at = [0, 300, 600, 1000, 1600, 2500, 4000, 6000, 12_000]
  return [
    [0, 0],
    ...at.map((over): readonly [number, number] => [cutInRpm + over, ratedA * (1 - Math.exp(-over / 1500))]),
  ]
}

/** Set point of a regulator at 25 °C, and how it falls with its temperature, V and V/K. Typical. */
export const REGULATOR = {
  alternator: { setV: 14.2, setPerK: -0.008, droopOhm: 0.008 },
  dynamo: { setV: 14.2, setPerK: -0.01, droopOhm: 0.03 },
} as const

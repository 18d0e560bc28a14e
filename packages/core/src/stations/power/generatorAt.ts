import type { CarSupply } from '../../power/index.ts'

/** Most the generator gives at a speed of its shaft, A: straight between the points of its output. */
export const limitAtRpm = ({ generator: { output } }: Pick<CarSupply, 'generator'>, shaftRpm: number): number => {
  const i = output.findIndex(([rpm]) => rpm > shaftRpm)
  if (i < 0) return output.at(-1)![1]
  if (i === 0) return output[0]![1]
  const [[r0, a0], [r1, a1]] = [output[i - 1]!, output[i]!]
  return a0 + ((a1 - a0) * (shaftRpm - r0)) / (r1 - r0)
}

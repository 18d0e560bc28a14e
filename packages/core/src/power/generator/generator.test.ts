import { typicalOutput } from './generatorOutput.ts'

describe('a generator’s output', () => {
  it('alternator: nothing below cut-in, 63 % of its rating 1500 rpm above it, never above', () => {
    const table = typicalOutput('alternator', 40, 1100)
    expect(table.find(([rpm]) => rpm === 1100)![1]).toBe(0)
    expect(table.find(([rpm]) => rpm === 3600)![1] / 40).toBeCloseTo(1 - Math.exp(-2500 / 1500), 9)
    table.slice(1).forEach(([rpm, amps], i) => {
      expect(rpm).toBeGreaterThan(table[i]![0])
      expect(amps).toBeGreaterThanOrEqual(table[i]![1])
      expect(amps).toBeLessThanOrEqual(40)
    })
  })
  it('dynamo: a straight line to its rating at 2.1 times its cut-in', () =>
    expect(typicalOutput('dynamo', 22, 1250)).toEqual([[0, 0], [1250, 0], [2625, 22]])) // prettier-ignore
})

import { rangeProblem } from '../records/measure.ts'
import { unitOf } from '@lochmoor/core'
import { familyOf, fieldName } from './fieldNames.ts'

describe('what fields of the document are called', () => {
  it.each([
    ['exhaust.banks.0.pieces.2.lengthM', 'bank A piece 3: length', 'bore'],
    ['exhaust.banks.1.portHeightM', 'bank B: port height', 'bore'],
    ['exhaust.common.0.bendDeg', 'common pipe, piece 1: bend', 'angle'],
    ['exhaust.obstacles.1.otherGapM', 'obstacle 2: other gap', 'bore'],
    ['exhaust.openLoopLambda', 'open loop lambda', 'lambda'],
    ['fuel.feed.riseM', 'Feed rise', 'distance'],
    ['vehicle.powerW', 'Power wanted', 'power'],
  ] as const)('%s is "%s"', (path, name, family) => {
    expect(fieldName(path)).toBe(name)
    expect(familyOf(path)).toBe(family)
  })
  it.each([
    ['exhaust.banks.0.pieces.2.lengthM', 9],
    ['exhaust.common.3.wallM', 1],
    ['exhaust.banks.1.portHeightM', 3],
    ['exhaust.obstacles.0.otherGapM', 2],
    ['exhaust.cablePathM', 6],
  ])('%s: a measurement of %d m is refused with the range', (path, si) => {
    expect(rangeProblem(path, si, unitOf('bore', 'mm'))).toMatch(/is not allowed here: .* to /)
    expect(rangeProblem(path, 0.02, unitOf('bore', 'mm'))).toBeNull()
  })
})

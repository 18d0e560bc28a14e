import { familyOf, fieldName } from './fieldNames.ts'
import { showValue } from './showValue.ts'

describe('values as people read them', () => {
  it.each<[unknown, string, string]>([
    [null, 'fuel.lowV', 'not known'],
    [12.15, 'fuel.lowV', '12.15\u2009V'],
    [0.0254, 'walkAround.engine.boreM', '25.4\u2009mm'],
    ['two-plane', 'walkAround.intake.manifold', 'Two plane'],
    [true, 'walkAround.lines.returnLine', 'yes'],
    [[9e5, null], 'walkAround.tests.compressionPa', '900\u2009kPa, not known'],
    [[], 'walkAround.tests.compressionPa', 'nothing'],
    [{ id: 'p', name: 'Ousel L100' }, 'fuel.pump', 'Ousel L100'],
    ['', 'work.heldBy', 'empty'],
    ['return', 'fuel.systemType', 'return'],
    [4, 'fuel.feed.bends90', '4'],
  ])('%j at %s is %s', (value, path, text) => expect(showValue(value, path)).toBe(text))

  it('in the reader’s units', () => {
    expect(showValue(400_000, 'fuel.setPressurePa', { pressure: 'psi' })).toBe('58.015\u2009psi')
    expect(showValue(0.0254, 'walkAround.engine.boreM', { bore: 'in' })).toBe('1\u2009in')
  })

  it.each([
    ['fuel.lowV', 'Least voltage at the pump', 'voltage'],
    ['walkAround.tests.idleVacuumPa', 'Vacuum at warm idle', 'pressure'],
    ['fuel.feed.lengthM', 'Feed length', 'distance'],
    ['system.boostLaterPa', 'boost later', 'pressure'],
    ['work.heldBy', 'held by', null],
    ['fuel.feed.measuredBoreM', 'feed: measured bore', 'bore'],
  ])('%s is called %s', (path, name, family) => {
    expect(fieldName(path)).toBe(name)
    expect(familyOf(path)).toBe(family)
  })
})

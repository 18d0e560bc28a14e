import { showValue } from './showValue.ts'

describe('values as people read them', () => {
  it.each<[unknown, string, string]>([
    [null, 'fuel.lowV', 'not known'],
    [12.15, 'fuel.lowV', '12.15\u2009V'],
    [0.0254, 'walkAround.engine.boreM', '25.4\u2009mm'],
    ['two-plane', 'walkAround.intake.manifold', 'Two plane'],
    [true, 'walkAround.lines.returnLine', 'yes'],
    [[9e5, null], 'walkAround.tests.compressionPa', '9\u2009bar, not known'],
    [[], 'walkAround.tests.compressionPa', 'nothing'],
    [{ id: 'p', name: 'Ousel L100' }, 'fuel.pump', 'Ousel L100'],
    ['', 'work.heldBy', 'empty'],
    ['return', 'fuel.systemType', 'return-type'],
    [true, 'fuel.referenced', 'yes'],
    [undefined, 'fuel.feed.legs.leg-1', 'not there'],
    [{ id: 'leg-1', name: 'Tank to body', lengthM: 1 }, 'fuel.feed.legs.leg-1', 'Tank to body'],
    [{ injection: 'port', firing: 'batch' }, 'system.chosen', 'injection: in the ports; firing: batch'],
    [4, 'fuel.feed.bends90', '4'],
    [Array.from({ length: 45 }, (_, n) => ({ id: `w-${n}`, lengthM: 1 })), 'harness.loom.wires', '45 wires'],
  ])('%j at %s is %s', (value, path, text) => expect(showValue(value, path)).toBe(text))

  it('in the reader’s units', () => {
    expect(showValue(400_000, 'fuel.setPressurePa', { pressure: 'psi' })).toBe('58.015\u2009psi')
    expect(showValue(0.0254, 'walkAround.engine.boreM', { bore: 'in' })).toBe('1\u2009in')
  })
  it('many readings are counted, a few are told', () => {
    expect(showValue(['ecu:A1', 'ecu:A2'], 'harness.proof.done')).toBe('ecu:A1, ecu:A2')
    expect(showValue(['a', 'b', 'c', 'd', 'e'], 'harness.proof.done')).toBe('5 entries')
  })
})

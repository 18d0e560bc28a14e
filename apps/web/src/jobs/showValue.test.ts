import { JOB, leavesOf } from '@lochmoor/core'
import fc from 'fast-check'
import { namesInJob } from './namesInJob.ts'
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
    expect(showValue(400_000, 'fuel.setPressurePa', { units: { pressure: 'psi' } })).toBe('58.015\u2009psi')
    expect(showValue(0.0254, 'walkAround.engine.boreM', { units: { bore: 'in' } })).toBe('1\u2009in')
  })
  it.each<[unknown, string, string]>([
    [0.35559999999999997, 'harness.board.widthM', '0.3556\u2009m'],
    [0.35559999999999997, 'no.such.place', '0.3556'],
    [['ecu:A1', 'ecu:A2'], 'harness.proof.done', '2 entries'],
    [['walkAround', 'fuel'], 'work.built', 'Walk-around, Fuel system'],
    ['3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11', 'work.personId', 'Tobin Raithe'],
    ['3f0c6a52-8a0e-4b60-8a53-000000000000', 'work.personId', 'somebody who has left'],
    ['ecu-left-wing', 'harness.loom.place', 'Left wing'],
    ['gone-place', 'harness.loom.place', 'a place no longer there'],
    [['corridor-1', 'gone-1'], 'harness.loom.wires.w-1.way', 'Along the sill, a corridor no longer there'],
  ])('%j at %s is %s to somebody of the workshop', (value, path, text) => {
    const names: Record<string, string> = {
      '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11': 'Tobin Raithe',
      'ecu-left-wing': 'Left wing',
      'corridor-1': 'Along the sill',
    }
    const own = namesInJob(null, [])
    const nameOf = (id: string, at: string) => names[id] ?? own(id, at)
    expect(showValue(value, path, { nameOf })).toBe(text)
  })

  it('no figure or word of any place reads like a program: no endless digits, no words of its own making', () => {
    const leaves = leavesOf(JOB).filter(([, leaf]) => leaf.is === 'figure' || leaf.is === 'word' || leaf.is === 'flag')
    expect(leaves.length).toBeGreaterThan(300)
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        const odd: string[] = []
        for (const [path, leaf] of leaves) {
          // Banks and sensors are known by letters, cylinders by numbers, items by ids.
          const at = path
            .replace(/(banks|spots)\.\*/, '$1.a')
            .replace(/(Pa|Share)\.\*$/, '$1.0')
            .replaceAll('.*', '.item-1')
          const values =
            leaf.is === 'figure'
              ? [leaf.range.min + share * (leaf.range.max - leaf.range.min)]
              : leaf.is === 'word'
                ? leaf.words
                : [true, false]
          for (const value of values) {
            const text = showValue(leaf.is === 'figure' && leaf.whole ? Math.round(value as number) : value, at)
            if (/\.\d{6,}|e[+-]\d|undefined|NaN|Infinity|[{}[\]]/.test(text)) odd.push(`${path}: ${text}`)
            if (leaf.is === 'word' && /[a-z]-[a-z]+-|[a-z][A-Z]/.test(text)) odd.push(`${path}: ${text}`)
          }
        }
        expect(odd).toEqual([])
      }),
      { seed: 22, numRuns: 20, includeErrorInReport: true },
    )
  })
})

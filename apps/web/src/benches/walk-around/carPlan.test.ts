import { emptyJob, withValueAt, WALK_GROUPS, type JobDocument } from '@lochmoor/core'
import { cylindersOf, zonesOf } from './carPlan.ts'

const job = (entries: Record<string, unknown>): JobDocument =>
  Object.entries(entries).reduce<JobDocument>((j, [p, v]) => withValueAt(j, p, v), emptyJob('x'))
const zone = (j: JobDocument, id: string) => zonesOf(j).find((z) => z.groupId === id)!
type Zone = ReturnType<typeof zonesOf>[number]
const overlap = (a: Zone, b: Zone) => a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h

describe('plan of the car', () => {
  const elsewhere = ['baseline', 'facts', 'means', 'reach']
  const onTheCar = WALK_GROUPS.map((g) => g.id).filter((id) => !elsewhere.includes(id)).sort() // prettier-ignore
  const places = [null, 'under-boot', 'in-boot', 'behind-seat', 'under-seat', 'front']
  it('every group that is about a part of the car has a place on the car and none lies on another, wherever tank and battery are', () => {
    for (const tank of places)
      for (const battery of [null, 'bay', 'boot', 'under-seat']) {
        const zones = zonesOf(job({ 'walkAround.tank.place': tank, 'walkAround.battery.place': battery }))
        expect(zones.map((z) => z.groupId).sort()).toEqual(onTheCar)
        for (const [i, a] of zones.entries()) {
          expect([a.groupId, a.x >= 0 && a.x + a.w <= 640 && a.y >= 0 && a.y + a.h <= 240]).toEqual([a.groupId, true])
          for (const b of zones.slice(i + 1))
            expect([tank, battery, a.groupId, b.groupId, overlap(a, b)]).toEqual([
              tank,
              battery,
              a.groupId,
              b.groupId,
              false,
            ])
        }
      }
  })
  it('tank and battery move to where they were found', () => {
    expect(zone(job({ 'walkAround.tank.place': 'front' }), 'tank').x).toBeLessThan(100)
    expect(zone(job({ 'walkAround.battery.place': 'boot' }), 'power').x).toBeGreaterThan(500)
  })
  it('counts what is known of what concerns this car', () => {
    expect(zone(emptyJob('x'), 'gearbox')).toMatchObject({ known: 0, of: 2 })
    expect(zone(job({ 'walkAround.gearbox.kind': 'automatic' }), 'gearbox')).toMatchObject({ known: 1, of: 6 })
  })
})

describe('cylinders on the plan', () => {
  const engine = (more: Record<string, unknown>) => job({ 'vehicle.layout': 'inline', 'vehicle.cylinders': 4, ...more })
  it('are not drawn while nobody has counted them', () => expect(cylindersOf(emptyJob('x'))).toEqual([]))
  it('stand in a row, numbered from the end that was found', () => {
    const xs = (from: string) => cylindersOf(engine({ 'walkAround.engine.numberedFrom': from })).map((c) => c.x)
    expect(xs('front')).toEqual([0.125, 0.375, 0.625, 0.875])
    expect(xs('bulkhead')).toEqual([0.875, 0.625, 0.375, 0.125])
  })
  it('carry their turn in the firing order, and none where it does not fit', () => {
    const turns = (order: string) => cylindersOf(engine({ 'walkAround.engine.firingOrder': order })).map((c) => c.turn)
    expect(turns('1-3-4-2')).toEqual([1, 4, 2, 3])
    expect(turns('1-3-4')).toEqual([null, null, null, null])
  })
  it('stand in two rows in a vee', () => {
    const rows = new Set(cylindersOf(job({ 'vehicle.layout': 'vee', 'vehicle.cylinders': 8 })).map((c) => c.y))
    expect(rows.size).toBe(2)
  })
})

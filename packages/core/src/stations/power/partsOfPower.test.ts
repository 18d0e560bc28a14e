import { CIRCUITS_OF_ROLE, loomLengthM } from '../../figures/index.ts'
import { loomWire, WIRE_ROLES, type WireRole } from '../../sections/index.ts'
import { boughtWithLoom, partsOfPower } from './partsOfPower.ts'
import { powerCase } from './powerCase.ts'
import { poweredJob } from './test/powered.ts'

const partsOf = (places: Readonly<Record<string, unknown>>) => partsOfPower(powerCase(poweredJob(places)))
/** A loom that is made with some wires of the power station, each of its circuits 1.5 m long. */
const loomWith = (...roles: readonly WireRole[]) => ({
  place: 'place-1',
  wires: roles
    .flatMap((role) => CIRCUITS_OF_ROLE[role]!)
    .map((id) => loomWire(id, { way: [], lengthM: 1.5, size: 'mm2-2.5', hottestK: 330, loadedWires: 1 })),
  splices: [],
})
const FAN = { 'power.design.fan': 'relay' }
const wiresOf = (places: Readonly<Record<string, unknown>>) => partsOf(places).filter((l) => l.what === 'wire')
const metresOf = (places: Readonly<Record<string, unknown>>) => wiresOf(places).reduce((m, l) => m + l.quantity.si, 0)

describe('parts of the power station', () => {
  it('a wire that the accepted loom is made with is ordered with the loom, and nowhere else', () => {
    const without = metresOf(FAN)
    for (const role of Object.keys(CIRCUITS_OF_ROLE) as WireRole[]) {
      const own = loomWith(role)
      const alone = { ...FAN, 'harness.loom': own }
      // As long as it was, 5 % over and 0.15 m an end, and gone from every line's reason.
      const wasM = powerCase(poweredJob(FAN)).supply.wires[role].lengthM
      expect([role, metresOf(alone)]).toEqual([role, expect.closeTo(without - 1.05 * wasM - 0.3, 9)])
      const { labels } = powerCase(poweredJob())
      expect(wiresOf(alone).some((l) => l.why.split(/[,;] /).includes(labels[role]!))).toBe(false)
    }
    expect(wiresOf({ ...FAN, 'harness.loom': loomWith(...(Object.keys(CIRCUITS_OF_ROLE) as WireRole[])) })).toEqual([])
  })
  it('says which wires the list lacks', () => {
    const said = (...roles: readonly WireRole[]) =>
      boughtWithLoom(powerCase(poweredJob({ 'harness.loom': loomWith(...roles) })))
    expect(boughtWithLoom(powerCase(poweredJob()))).toBeNull()
    expect(said('pumpFeed', 'ecuFeed')).toBe(
      'Bought with the accepted loom, on the list of the harness: ECU feed, Pump feed.',
    )
  })
  it('a loom that lacks a part of a wire leaves it here', () => {
    const half = { ...loomWith('pumpFeed'), wires: loomWith('pumpFeed').wires.slice(0, 1) }
    expect(loomLengthM(poweredJob({ 'harness.loom': half }), 'pumpFeed')).toBeNull()
    expect(metresOf({ 'harness.loom': half })).toBeCloseTo(metresOf({}), 9)
  })
  it('ring terminals are those of wires that are bought here; battery cables never come with a loom', () => {
    const all = loomWith(...(Object.keys(CIRCUITS_OF_ROLE) as WireRole[]))
    const rings = (places: Readonly<Record<string, unknown>>) =>
      partsOf(places).find((l) => l.id === 'rings')?.quantity.si ?? 0
    expect(rings({})).toBeGreaterThan(0)
    expect(rings({ 'harness.loom': all })).toBe(0)
    const boot = { 'power.battery.place': 'boot', 'harness.loom': all }
    expect(wiresOf(boot).map((l) => l.why)).toEqual([expect.stringMatching(/starter/i)])
    expect(WIRE_ROLES.filter((r) => r in CIRCUITS_OF_ROLE).length).toBe(7)
  })
})

import { designOf } from './fuelDesign.ts'
import { emptyJob } from '../../job/index.ts'
import { emptyLeg, type LineLeg } from '../../sections/index.ts'
import { partsOfFuel } from './partsOfFuel.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const linesOf = (job: ReturnType<typeof soundJob>) =>
  partsOfFuel(designOf(job)).map((l) => `${l.quantity.si} ${l.what}: ${l.name}${l.assumed ? ' (assumed)' : ''}`)

describe('parts that follow', () => {
  it('names every part in the order of the flow, hoses by length', () => {
    expect(linesOf(soundJob())).toEqual([
      '1 strainer: Filter mesh',
      '1 pump: Pump middle',
      '1 fine filter: Filter ten',
      '1 regulator: Regulator r',
      '6 injectors: Injector 200',
      '4 feed line: Hose 7',
      '4 return line: Hose 7',
      '0.4 suction line: Hose 9',
      '1.5 vent line: Hose 7',
      '8 hose ends: Fittings for lines not described leg by leg (assumed)',
      // One each 375 mm begun: 11 + 11 + 2 + 4.
      '28 clips: Lined P-clip, lines not described leg by leg (assumed)',
      '0.5 reference hose: Vacuum hose (assumed)',
    ])
  })

  it('relay, fuse and wire of the pump are the power station’s: one size, ordered once', () => {
    const whats = partsOfFuel(designOf(soundJob())).map((l) => l.what)
    expect(whats.filter((w) => /relay|fuse|wire/.test(w))).toEqual([])
  })

  it('has no return line in a single-line system, and leaves out an old line that is kept', () => {
    const { feed } = soundJob().fuel
    const lines = linesOf(
      soundJob({
        systemType: 'single-line',
        regulator: catalogue.regulators[1]!,
        feed: { ...feed, hose: null, measuredBoreM: 0.007 },
      }),
    )
    expect(lines.filter((l) => /(feed|return) line/.test(l))).toEqual([])
  })

  it('described leg by leg, orders hoses on stock lengths, ends by the piece, clips, sleeves and grommets', () => {
    const { feed } = soundJob().fuel
    const end = catalogue.fittings[0]!
    const leg = (lengthM: number, more: Partial<LineLeg> = {}) => ({ ...emptyLeg('leg-0', 'leg'), lengthM, ...more })
    const lines = linesOf(
      soundJob({
        feed: {
          ...feed,
          legs: [
            leg(0.5, { moves: 'tank', start: end, end }),
            leg(1.5, { sleeved: true, panels: 2 }),
            leg(1.5, { end }),
          ],
        },
      }),
    )
    // Cut 0.5 + 0.12 let down, both with 2 % less the ends; 1.53; 1.53 less one end: two on one 3 m length do not go.
    expect(lines).toEqual(
      expect.arrayContaining(['3 hose end: ' + end.name, '8 clips: Lined P-clip', '2 grommets: Rubber grommet']),
    )
    expect(lines).toContain('1.5 heat sleeve: Heat sleeve for hose')
    const hose = partsOfFuel(designOf(soundJob({ feed: { ...feed, legs: [leg(1.5), leg(1.5)] } }))).find(
      (l) => l.what === 'hose or tube',
    )!
    expect(hose.quantity.si).toBeGreaterThanOrEqual(3.06)
    expect(new Set(partsOfFuel(designOf(soundJob())).map((l) => l.id)).size).toBe(
      partsOfFuel(designOf(soundJob())).length,
    )
  })

  it('asks for what safety still lacks', () => {
    const { safety, tank } = soundJob().fuel
    expect(
      linesOf(
        soundJob({ safety: { ...safety, inertiaSwitch: false }, tank: { ...tank, rollOverValve: false } }),
      ).filter((l) => /inertia|roll-over/.test(l)),
    ).toEqual(['1 inertia switch: Inertia switch', '1 roll-over valve: Roll-over valve'])
  })

  it('a line of the car that is kept is not ordered', () => {
    const { oldLine } = soundJob().fuel
    expect(
      linesOf(soundJob({ oldLine: { ...oldLine, keeps: 'return' } })).filter((l) => l.includes('return line')),
    ).toEqual([])
  })

  it('says where a quantity is only assumed', () => {
    const { feed } = soundJob().fuel
    expect(linesOf(soundJob({ feed: { ...feed, lengthM: null }, injectorCount: null }))).toEqual(
      expect.arrayContaining(['4 feed line: Hose 7 (assumed)', '6 injectors: Injector 200 (assumed)']),
    )
    expect(partsOfFuel(designOf(emptyJob('x')))).toEqual([])
  })
})

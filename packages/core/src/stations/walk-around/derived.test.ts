import { emptyJob, type JobDocument } from '../../job/index.ts'
import { withValueAt } from '../../shape/index.ts'
import { camClassOf } from '../../engine/index.ts'
import { derivedOf } from './derived.ts'

const job = (entries: Record<string, unknown>): JobDocument =>
  Object.entries(entries).reduce((j, [path, value]) => withValueAt(j, path, value), emptyJob('x'))
const of = (j: JobDocument, id: string) => derivedOf(j).find((d) => d.id === id)

describe('what follows from the walk-around', () => {
  const six = {
    'vehicle.cylinders': 6,
    'walkAround.engine.boreM': 0.0938,
    'walkAround.engine.strokeM': 0.0722,
  }
  // 0.785398 x 0.0938² x 0.0722 x 6 = 2.99352e-3
  it('displacement by bore, stroke and cylinders', () => {
    const d = of(job(six), 'displacement')!
    expect(d.figure!.si).toBeCloseTo(2.99352e-3, 7)
    expect(d.assumed).toBe(false)
  })
  it('compares an entered displacement with bore and stroke', () => {
    expect(of(job({ ...six, 'vehicle.displacementM3': 3e-3 }), 'swept')!.from).toBe('in agreement')
    expect(of(job({ ...six, 'vehicle.displacementM3': 2.6e-3 }), 'swept')!.from).toMatch(
      /one of these figures is wrong/,
    )
  })
  it('says so where it stands on an assumption', () => {
    expect(of(emptyJob('x'), 'displacement')).toMatchObject({ assumed: true, from: 'half a litre per cylinder' })
    expect(of(emptyJob('x'), 'endurance')).toMatchObject({ figure: null, text: 'enter the tank capacity' })
  })
  // idle: 0.65 x 40000/(287.05 x 313) x 0.00299352 x 800/120 = 5.775e-3 kg/s
  it('idle air of the mean-value formula', () =>
    expect(of(job(six), 'idle-air')!.figure!.si * 1e3).toBeCloseTo(5.775, 2))
  it('vacuum at idle feeds idle air: 61.3 kPa below ambient is 40 kPa absolute', () => {
    const a = of(job({ ...six, 'walkAround.tests.idleVacuumPa': 61_325 }), 'idle-air')!.figure!.si
    expect(a).toBeCloseTo(of(job(six), 'idle-air')!.figure!.si, 9)
  })
  it('a tank twice as large lasts twice as long', () => {
    const lasts = (m3: number) => of(job({ ...six, 'walkAround.tank.volumeM3': m3 }), 'endurance')!.figure!.si
    expect(lasts(0.06) / lasts(0.03)).toBeCloseTo(2, 9)
  })
  it.each([
    [60e3, 'mild'],
    [50e3, 'mild'],
    [49e3, 'sporting'],
    [33e3, 'wild'],
  ] as const)('cam at %s Pa: %s', (pa, word) => expect(camClassOf(pa)).toBe(word))
  it('companions need a firing order that fits', () => {
    expect(of(job({ ...six, 'walkAround.engine.firingOrder': '1-5-3-6-2-4' }), 'companions')!.text).toBe(
      '1+6, 5+2, 3+4',
    )
    expect(of(job({ ...six, 'walkAround.engine.firingOrder': '1-3-4-2' }), 'companions')!.text).toMatch(
      /enter the firing/,
    )
  })
})

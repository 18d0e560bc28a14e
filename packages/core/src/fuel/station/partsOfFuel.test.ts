import { emptyJob } from '../../job/index.ts'
import { partsOfFuel } from './partsOfFuel.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const linesOf = (job: ReturnType<typeof soundJob>) =>
  partsOfFuel(job).map((l) => `${l.quantity.si} ${l.what}: ${l.name}${l.assumed ? ' (assumed)' : ''}`)

describe('parts that follow', () => {
  it('names every part in the order of the flow, hoses by length', () => {
    expect(linesOf(soundJob())).toEqual([
      '1 strainer: Filter mesh',
      '1 pump: Pump middle',
      '1 fine filter: Filter ten',
      '4 feed line: Hose 7',
      '1 regulator: Regulator r',
      '4 return line: Hose 7',
      '6 injectors: Injector 200',
    ])
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
    expect(lines.filter((l) => l.includes('line'))).toEqual([])
  })

  it('says where a quantity is only assumed', () => {
    const { feed } = soundJob().fuel
    expect(linesOf(soundJob({ feed: { ...feed, lengthM: null }, injectorCount: null }))).toEqual(
      expect.arrayContaining(['4 feed line: Hose 7 (assumed)', '6 injectors: Injector 200 (assumed)']),
    )
    expect(partsOfFuel(emptyJob('x'))).toEqual([])
  })
})

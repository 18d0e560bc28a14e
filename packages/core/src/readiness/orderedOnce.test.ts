import { CIRCUITS_OF_ROLE } from '../figures/index.ts'
import { withChange, type JobDocument } from '../job/index.ts'
import { emptyConsumer, emptyPort } from '../sections/index.ts'
import { withValueAt } from '../shape/index.ts'
import { soundJob } from '../stations/fuel/test/jobs.ts'
import { partsOfJob } from './partsOfJob.ts'

/** Vacuum hoses of a job, by the station that orders them. */
const hosesOf = (job: JobDocument): string[] =>
  partsOfJob(job)
    .filter(({ line }) => line.name.startsWith('Vacuum hose'))
    .map(({ id, stations }) => `${stations.join()}: ${id}`)
const port = (id: string, boreM: number | null) => ({ ...emptyPort(id, id), boreM, kind: 'full' as const, draws: 'plenum' as const }) // prettier-ignore
const vacuum = (ports: object[], consumers: object[]): JobDocument =>
  withValueAt(withValueAt(soundJob(), 'engineTop.vacuum.ports', ports), 'engineTop.vacuum.consumers', consumers)
const regulator = { ...emptyConsumer('use-1', 'Regulator', 'regulator'), boreM: 0.004 }
const servo = { ...emptyConsumer('use-2', 'Brake servo', 'servo'), boreM: 0.009 }

describe('the hose of the regulator is ordered once', () => {
  it.each<[string, JobDocument, string[]]>([
    ['nobody has looked for ports', soundJob(), ['fuel: fuel-reference hose']],
    ['it is listed, and no port is there', vacuum([], [regulator]), ['fuel: fuel-reference hose']],
    ['it is listed, and no port is measured', vacuum([port('p-1', null)], [regulator]), ['fuel: fuel-reference hose']],
    ['it hangs on a port', vacuum([port('p-1', 0.005)], [regulator]), ['engineTop: engineTop-vacuum-hose-40']],
    ['only the servo hangs on a port', vacuum([port('p-1', 0.01)], [servo]), ['fuel: fuel-reference hose', 'engineTop: engineTop-vacuum-hose-90']],
    ['a regulator without a hose', withChange(soundJob(), { fuel: { referenced: false } }), []],
  ])('%s', (_, job, wants) => expect(hosesOf(job)).toEqual(wants)) // prettier-ignore
})

it('bores that print alike are one line and one order: 5/32 in and 4 mm', () => {
  const inch = { ...emptyConsumer('use-3', 'Gauge', 'gauge'), boreM: 0.0254 * (5 / 32) }
  const hoses = partsOfJob(vacuum([port('p-1', 0.005), port('p-2', 0.005)], [regulator, inch])).filter(
    ({ line }) => line.what === 'vacuum hose',
  )
  expect(hoses.map(({ id, line }) => [id, line.quantity.si])).toEqual([['engineTop-vacuum-hose-40', 2]])
})

it('circuits that the harness makes of wires of the power station are those of no other wire', () => {
  const all = Object.values(CIRCUITS_OF_ROLE).flat()
  expect(new Set(all).size).toBe(all.length)
})

import { emptyJob, jobFromTemplate, type JobDocument } from '../job/index.ts'
import { emptyBank, emptyDevice, emptyPiece } from '../sections/index.ts'
import { withValueAt } from '../shape/index.ts'
import { foundAt, type FigureField, type MeetingField } from './figures.ts'

const job = emptyJob('x')
const at = (changes: Readonly<Record<string, unknown>>, from: JobDocument = job): JobDocument =>
  Object.entries(changes).reduce((j, [path, value]) => withValueAt(j, path, value), from)
const joints = (...states: ('tight' | 'leaks' | null)[]) => ({
  'exhaust.banks': [
    {
      ...emptyBank,
      pieces: states.map((jointState, i) => ({ ...emptyPiece(`p${i}`, 'pipe', 'Pipe'), joint: 'flange', jointState })),
    },
  ],
})
const banks = (...cylinders: number[][]) => ({
  'exhaust.banks': cylinders.map((c) => ({ ...emptyBank, cylinders: c })),
})
const ports = jobFromTemplate('x', 'port-return')

type Row = [name: string, job: JobDocument, id: FigureField | MeetingField, value: unknown, kind: string, from: string | null] // prettier-ignore

describe('where stations meet: which figure wins, and where it comes from', () => {
  it.each<Row>([
    ['vacuum at idle makes the manifold', at({ 'walkAround.tests.idleVacuumPa': 60e3 }), 'vehicle.idleManifoldPa', 41_325, 'computed', 'walkAround'],
    ['entered wins over it', at({ 'walkAround.tests.idleVacuumPa': 60e3, 'vehicle.idleManifoldPa': 45e3 }), 'vehicle.idleManifoldPa', 45e3, 'entered', null],
    ['neither', job, 'vehicle.idleManifoldPa', 40e3, 'assumed', null],
    ['leaks: heard while walking around', at({ 'walkAround.tests.exhaustLeak': 'pin-hole' }), 'walkAround.tests.exhaustLeak', 'pin-hole', 'entered', null],
    ['every joint tested tight wins over it', at({ 'walkAround.tests.exhaustLeak': 'open-joint', ...joints('tight', 'tight') }), 'walkAround.tests.exhaustLeak', 'none', 'measured', 'exhaust'],
    ['one joint that leaks is enough', at(joints('tight', 'leaks', null)), 'walkAround.tests.exhaustLeak', 'open-joint', 'measured', 'exhaust'],
    ['half of the joints tested says nothing', at(joints('tight', null)), 'walkAround.tests.exhaustLeak', null, 'assumed', null],
    ['the system’s return', ports, 'fuel.systemType', 'return', 'chosen', 'system'],
    ['decided at the fuel system', at({ 'fuel.systemType': 'single-line' }, ports), 'fuel.systemType', 'single-line', 'entered', null],
    ['the system’s ports', ports, 'fuel.injectionPlace', 'port', 'chosen', 'system'],
    ['sensors as the system wants them', at({ 'system.chosen.oxygenSensors': 2 }, ports), 'exhaust.sensorCount', 2, 'chosen', 'system'],
    ['sensors: none is a decision', at({ 'exhaust.sensorCount': 0 }, ports), 'exhaust.sensorCount', 0, 'entered', null],
    ['power wanted later', at({ 'system.powerLaterW': 150e3 }), 'vehicle.powerW', 150e3, 'chosen', 'system'],
    ['power wanted now wins over it', at({ 'system.powerLaterW': 150e3, 'vehicle.powerW': 90e3 }), 'vehicle.powerW', 90e3, 'entered', null],
    ['power by an assumed displacement', at({ 'vehicle.cylinders': 4 }), 'vehicle.powerW', 80e3, 'assumed', null],
    ['cylinders as the banks are numbered', at(banks([1, 2, 3], [4, 5, 6])), 'vehicle.cylinders', 6, 'measured', 'exhaust'],
    ['a bank nobody has numbered says nothing', at(banks([1, 2, 3, 4], [])), 'vehicle.cylinders', 6, 'assumed', null],
    ['bore, stroke and entered cylinders', at({ 'vehicle.cylinders': 4, 'walkAround.engine.boreM': 0.1, 'walkAround.engine.strokeM': 0.1 }), 'vehicle.displacementM3', Math.PI * 1e-3, 'computed', 'walkAround'],
    ['bore and stroke of assumed cylinders are no measure', at({ 'walkAround.engine.boreM': 0.1, 'walkAround.engine.strokeM': 0.1 }), 'vehicle.displacementM3', 3e-3, 'assumed', null],
    ['who welds is decided in one place', at({ 'system.welder': 'shop' }), 'system.welder', 'shop', 'entered', null],
    ['cable of the sensor, from the accepted loom', at({ 'harness.loom': { place: 'dash', wires: [], splices: [] }, 'harness.devices': [{ ...emptyDevice('oxygen-sensor-a'), leadM: 0.9 }] }), 'exhaust.cablePathM', 0.9, 'measured', 'harness'],
    ['kind of charging', at({ 'walkAround.charging.kind': 'dynamo' }), 'walkAround.charging.kind', 'dynamo', 'entered', null],
  ])('%s', (_name, of, id, value, kind, from) => {
    const found = foundAt(of, id)
    expect([found.kind, found.from]).toEqual([kind, from])
    if (typeof value === 'number') expect(found.value).toBeCloseTo(value, 9)
    else expect(found.value).toBe(value)
    expect(found.why.length).toBeGreaterThan(2)
  }) // prettier-ignore
})

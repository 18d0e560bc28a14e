import type { FuelLoop, InjectionPlace, SystemSection, WalkAroundSection } from '../sections/index.ts'
import { assumed, chosenAt, computed, entered, measuredAt, type FigureRule } from './figureRule.ts'

type PumpPlace = 'in-tank' | 'in-line'
type ExhaustLeak = NonNullable<WalkAroundSection['tests']['exhaustLeak']>

/** What one station decides or finds and another needs: words and choices. */
export const MEETING_FIGURES = {
  'fuel.systemType': {
    usedBy: ['system', 'fuel'],
    sources: [
      entered<FuelLoop>('fuel.systemType'),
      chosenAt<FuelLoop>('system', 'as the chosen system needs', (j) => j.system.chosen?.fuelLoop ?? null),
      assumed<FuelLoop>('what most conversions have', 'return'),
    ],
  },
  'fuel.injectionPlace': {
    usedBy: ['system', 'fuel', 'exhaust'],
    sources: [
      entered<InjectionPlace>('fuel.injectionPlace'),
      chosenAt<InjectionPlace>('system', 'as the chosen system has it', ({ system: { chosen } }) =>
        chosen ? (chosen.injection === 'port' ? 'port' : 'above-plate') : null,
      ),
      assumed<InjectionPlace>('a throttle body in place of the carburettor', 'above-plate'),
    ],
  },
  pumpPlace: {
    usedBy: ['fuel'],
    sources: [
      computed<PumpPlace>('as the chosen pump is mounted', [], ({ fuel: { pump } }) =>
        pump ? (pump.mount === 'in-line' ? 'in-line' : 'in-tank') : null,
      ),
      chosenAt<PumpPlace>('system', 'as the chosen system needs', (j) => j.system.chosen?.pumpPlace ?? null),
      assumed<PumpPlace>('until a pump is chosen', 'in-line'),
    ],
  },
  'exhaust.sensorCount': {
    usedBy: ['exhaust'],
    sources: [
      entered<number>('exhaust.sensorCount'),
      chosenAt<number>('system', 'as the chosen system needs', (j) => j.system.chosen?.oxygenSensors ?? null),
      assumed<number>('one is usual', 1),
    ],
  },
  'exhaust.cablePathM': {
    usedBy: ['exhaust'],
    sources: [
      entered<number>('exhaust.cablePathM'),
      measuredAt<number>('harness', 'lead from the accepted loom to the sensor', ({ harness }) =>
        harness.loom === null ? null : (harness.devices.find((d) => d.id === 'oxygen-sensor-a')?.leadM ?? null),
      ),
    ],
  },
  'system.welder': {
    usedBy: ['system', 'exhaust'],
    sources: [entered<NonNullable<SystemSection['welder']>>('system.welder')],
  },
  'walkAround.charging.kind': {
    usedBy: ['walkAround', 'fuel'],
    sources: [entered<'dynamo' | 'alternator'>('walkAround.charging.kind')],
  },
  'walkAround.tests.idleVacuumPa': {
    usedBy: ['walkAround', 'fuel', 'exhaust'],
    sources: [entered<number>('walkAround.tests.idleVacuumPa')],
  },
  // Joint by joint is the later and the closer look: it wins over what was heard while walking around.
  'walkAround.tests.exhaustLeak': {
    usedBy: ['walkAround', 'exhaust'],
    sources: [
      measuredAt<ExhaustLeak>('exhaust', 'joint by joint', ({ exhaust: { banks, common } }) => {
        const joints = [...banks.flatMap((b) => b.pieces), ...common].filter((p) => p.joint !== 'one-piece')
        if (joints.some((p) => p.jointState === 'leaks')) return 'open-joint'
        return joints.length > 0 && joints.every((p) => p.jointState === 'tight') ? 'none' : null
      }),
      entered<ExhaustLeak>('walkAround.tests.exhaustLeak'),
    ],
  },
} satisfies Record<string, FigureRule>

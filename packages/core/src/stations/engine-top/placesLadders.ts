import type { EngineTopSection, SystemSection, VacuumConsumerEntry } from '../../sections/index.ts'
import { isTapered } from '../../parts/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import type { Ladder, Trial } from '../station.ts'
import type { EngineTopCase } from './engineTopCase.ts'
import { LEAST_OVERLAP_DEG } from './judgeIgnition.ts'

type Ignition = EngineTopSection['ignition']
type Sensors = EngineTopSection['sensors']
type Vacuum = EngineTopSection['vacuum']

const topped = (label: Sentence, engineTop: Partial<EngineTopSection>): Trial => ({ label, change: { engineTop } })
const toHalfDeg = (deg: number): number => Math.round(deg * 2) / 2
/** Whose supply is never shared or left off. */
const NEVER_TEED: readonly string[] = ['servo', 'breather', 'modulator', 'pressure-sensor']

const vacuumLadders = (c: EngineTopCase): Ladder[] => {
  const { entry, hoses } = c.vacuum
  const vacuum = (label: Sentence, change: Partial<Vacuum>): Trial => topped(label, { vacuum: { ...entry, ...change } })
  const withConsumers = (label: Sentence, of: (e: VacuumConsumerEntry) => Partial<VacuumConsumerEntry>): Trial =>
    vacuum(label, { consumers: entry.consumers.map((e) => ({ ...e, ...of(e) })) })
  const without = () => hoses.filter((h) => !h.fixed && ['nothing', 'dropped', 'drilled'].includes(h.by))
  const shares = (e: VacuumConsumerEntry) => !NEVER_TEED.includes(e.use)
  const fixed = entry.consumers.some((e) => e.portId !== null)
  return [
    {
      id: 'other-port',
      cures: ['vacuum-hose'],
      trials: (v) => {
        const h = hoses[v.subject?.sensor ?? -1]
        return h
          ? c.vacuum.ports
              .filter((p) => p !== h.port)
              // The one that its hose needs least reducing for comes first.
              .sort((a, b) => a.boreM - b.boreM)
              .map((p) => withConsumers(say`${h.consumer.entry.name} on the port “${c.vacuum.nameOf(p.id)}”`, (e) => (e.id === h.consumer.id ? { portId: p.id } : {})))
          : []
      },
    },
    {
      id: 'as-planned',
      cures: ['vacuum', 'vacuum-hose', 'pressure-line'],
      trials: () => {
        const planned = (id: string) => c.vacuum.best.served.find((s) => s.consumer === id)?.port ?? null
        return fixed ? [withConsumers(say`Every hose on the port that the plan gives it`, (e) => (e.portId === null ? {} : { portId: planned(e.id) }))] : []
      },
    },
    {
      id: 'pressure-own-port',
      cures: ['pressure-line'],
      trials: () =>
        entry.consumers.some((e) => e.use === 'pressure-sensor' && e.mayShare === true)
          ? [withConsumers(say`A port of its own for the pressure sensor`, (e) => (e.use === 'pressure-sensor' ? { mayShare: false, portId: null } : {}))]
          : [],
    },
    {
      id: 'tee',
      cures: ['vacuum'],
      // A tee does, and is said to be one.
      betterIsEnough: true,
      *trials() {
        for (const h of without()) {
          if (!shares(h.consumer.entry)) continue
          for (const other of entry.consumers) {
            if (other.id === h.consumer.id || !shares(other)) continue
            yield withConsumers(say`Tee ${h.consumer.entry.name.toLowerCase()} and ${other.name.toLowerCase()}`, (e) => (e.id === other.id || e.id === h.consumer.id ? { mayShare: true, portId: null } : {}))
          }
        }
      },
    },
    {
      id: 'tee-pressure',
      cures: ['vacuum'],
      trials: () =>
        entry.pressureLine === 'own-port' && without().some((h) => h.consumer.entry.use === 'pressure-sensor') && entry.consumers.some((e) => e.use === 'regulator')
          ? [vacuum(say`Pressure line teed into the regulator’s hose, as some leaflets show it`, { pressureLine: 'teed' })]
          : [],
    },
    {
      id: 'drill',
      cures: ['vacuum'],
      betterIsEnough: true,
      trials: () => (entry.mayDrill === true ? [] : [vacuum(say`A port drilled and tapped into the manifold`, { mayDrill: true })]),
    },
    {
      id: 'leave-off',
      cures: ['vacuum'],
      betterIsEnough: true,
      trials: () =>
        without()
          .filter((h) => h.by === 'nothing' && shares(h.consumer.entry))
          .map((h) => withConsumers(say`Leave off ${h.consumer.entry.name.toLowerCase()}`, (e) => (e.id === h.consumer.id ? { mayDrop: true } : {}))),
    },
    {
      id: 'secure-line',
      cures: ['pressure-hose'],
      // Where it goes is still to be looked at.
      betterIsEnough: true,
      trials: () => [vacuum(say`Grommet and clips for the pressure line`, { held: 'clip', grommet: entry.throughBulkhead === false ? entry.grommet : true })],
    },
  ]
} // prettier-ignore

const sensorLadders = (c: EngineTopCase): Ladder[] => {
  const { entry, wheel } = c.sensors
  const sensors = (label: Sentence, change: Partial<Sensors>): Trial => topped(label, { sensors: { ...entry, ...change } })
  const withHole = (index: number, label: Sentence, change: Partial<Sensors['holes'][number]>): Trial =>
    sensors(label, { holes: entry.holes.map((h, i) => (i === index ? { ...h, ...change } : h)) })
  return [
    {
      id: 'coolant-port',
      cures: ['coolant-place'],
      betterIsEnough: true,
      trials: () =>
        entry.coolant.places
          .filter((p) => p.id !== entry.coolant.placeId && p.flow !== null && p.flow !== 'dead-end' && p.takenBy !== 'gauge')
          .sort((a, b) => Number(b.flow === 'always') - Number(a.flow === 'always'))
          .map((p) => sensors(say`Coolant sensor in the port “${p.name}”`, { coolant: { ...entry.coolant, placeId: p.id } })),
    },
    {
      id: 'air-before-throttle',
      cures: ['air-place'],
      trials: () => [sensors(say`Intake air sensor just before the throttle`, { airPlace: 'before-throttle' })],
    },
    {
      id: 'tell-ecu-tooth',
      cures: ['wheel-tooth'],
      trials: () => (wheel === null ? [] : [sensors(say`Tell the ECU ${fig(wheel.gapToTopDeg, 'angle', 1)}`, { wheel: { ...entry.wheel, wantsDeg: wheel.gapToTopDeg } })]),
    },
    {
      id: 'move-wheel',
      cures: ['wheel-tooth'],
      trials: () => {
        const { teeth, toothAtTop, wantsDeg } = entry.wheel
        if (teeth === null || toothAtTop === null || wantsDeg === null) return []
        const tooth = (Math.round((wantsDeg * teeth) / 360) % teeth) + 1
        return [sensors(say`Wheel turned until tooth ${fig(tooth, 'count')} stands under the sensor`, { wheel: { ...entry.wheel, toothAtTop: tooth } })]
      },
    },
    {
      id: 'adapter',
      cures: ['hole'],
      trials: (v) => {
        const h = c.sensors.holes[v.subject?.sensor ?? -1]
        return h?.holeThread && h.thread && h.holeThread.id !== h.thread.id && h.hole.adapter !== true ? [withHole(v.subject!.sensor, say`Adapter from ${h.holeThread.name} to ${h.thread.name}`, { adapter: true })] : []
      },
    },
    {
      id: 'seal',
      cures: ['hole'],
      trials: (v) => {
        const h = c.sensors.holes[v.subject?.sensor ?? -1]
        if (!h?.thread) return []
        const seal = isTapered(h.thread) ? 'sealant' : 'washer'
        return h.hole.seal === seal ? [] : [withHole(v.subject!.sensor, seal === 'sealant' ? say`Sealant on the thread` : say`A new washer under the hexagon`, { seal })]
      },
    },
  ]
} // prettier-ignore

const ADVANCES_DEG = [5, 10, 15, 20]
const TIPS_DEG = [4, 8, 12, 16]

const rotorLadders = (c: EngineTopCase): Ladder[] => {
  const { entry: e, rotor } = c.ignition
  const ignition = (label: Sentence, change: Partial<Ignition>): Trial => topped(label, { ignition: { ...e, ...change } })
  // What a hand sets on a housing: half a degree.
  const turnDeg = rotor === null ? 0 : toHalfDeg(rotor.turnDeg)
  const turn = fig(Math.abs(turnDeg), 'angle', 1)
  // Even centred the advance is too wide for tip and terminal.
  const narrow = rotor !== null && rotor.centredOverlapDeg < LEAST_OVERLAP_DEG
  return [
    {
      id: 'turn-housing',
      cures: ['rotor'],
      betterIsEnough: true,
      trials: () => {
        if (rotor === null || e.pastDeg === null || turnDeg === 0) return []
        const pastDeg = e.pastDeg - turnDeg
        if (rotor.how === 'rotor-or-reluctor')
          return [ignition(say`Rotor moved on its shaft by ${turn}, ${turnDeg > 0 ? 'against rotation' : 'with rotation'}; base timing stays`, { pastDeg })]
        const way = turnDeg > 0 ? 'with rotor rotation' : 'against rotor rotation'
        if (rotor.referenceDeg === 0) return [ignition(say`Housing turned by ${turn} ${way}; base timing stays`, { pastDeg })]
        const reference = fig(Math.abs(2 * turnDeg), 'angle', 1)
        return [
          ignition(say`Housing turned by ${turn} ${way}, ECU’s angle ${turnDeg > 0 ? 'less' : 'more'} by ${reference}`, {
            pastDeg,
            referenceDeg: e.referenceDeg === null ? null : e.referenceDeg - 2 * turnDeg,
          }),
        ]
      },
    },
    {
      id: 'wider-rotor',
      cures: ['rotor'],
      trials: () =>
        rotor === null || !narrow || e.tipDeg === null || e.pastDeg === null
          ? []
          : TIPS_DEG.map((more) => ignition(say`Rotor with a tip of ${fig(e.tipDeg! + more, 'angle', 0)}, centred`, { tipDeg: e.tipDeg! + more, pastDeg: e.pastDeg! - rotor.turnDeg })),
    },
    {
      id: 'less-advance',
      cures: ['rotor'],
      trials: () =>
        rotor === null || !narrow || e.mostDeg === null || e.pastDeg === null || c.system?.timing === 'none' || e.weights === 'free'
          ? []
          : ADVANCES_DEG.filter((less) => e.mostDeg! - less > (e.leastDeg ?? 0)).map((less) =>
              // Centred on the shorter range: its middle lies half of that earlier, a quarter of it at the distributor.
              ignition(say`Maximum advance ${fig(e.mostDeg! - less, 'angle', 0)}, rotor centred`, { mostDeg: e.mostDeg! - less, pastDeg: e.pastDeg! - rotor.turnDeg - less / 4 }),
            ),
    },
  ]
} // prettier-ignore

const sparkLadders = (c: EngineTopCase, chosen: SystemSection['chosen']): Ladder[] => {
  const { entry: e, fromWrongEnd, sensor } = c.ignition
  const ignition = (label: Sentence, change: Partial<Ignition>): Trial => topped(label, { ignition: { ...e, ...change } })
  return [
    {
      id: 'lock',
      cures: ['advance-lock'],
      trials: () =>
        chosen?.timing === 'none'
          ? [e.weights === 'locked' ? ignition(say`Advance weights free again`, { weights: 'free' }) : ignition(say`Vacuum advance connected`, { can: 'connected' })]
          : [ignition(say`Weights locked, vacuum advance plugged`, { weights: 'locked', can: e.can === 'none' ? 'none' : 'plugged' })],
    },
    {
      id: 'output',
      cures: ['coil-driver'],
      trials: () => (e.box !== null && e.box !== 'none' ? [ignition(say`ECU’s output set to logic`, { output: 'logic' })] : e.coil === 'own-driver' ? [ignition(say`ECU’s output set to logic`, { output: 'logic' })] : []),
    },
    {
      id: 'igniter',
      cures: ['coil-driver'],
      trials: () => (e.coil === 'plain' && e.output === 'logic' ? [ignition(say`An igniter between output and coil`, { box: 'igniter' })] : []),
    },
    { id: 'tach', cures: ['tach'], trials: () => [ignition(say`rpm from the box’s tach output`, { tachFrom: 'box' })] },
    { id: 'own-feed', cures: ['ecu-feed'], trials: () => [ignition(say`A feed of its own for the ECU`, { ecuFedFrom: 'own-feed' })] },
    {
      id: 'input',
      cures: ['pick-up'],
      trials: () => (sensor === null || sensor === e.ecuReads ? [] : [ignition(say`ECU’s input set for this pick-up`, { ecuReads: sensor })]),
    },
    {
      id: 'polarity',
      cures: ['pick-up'],
      trials: () => (e.polarity === 'swapped' ? [ignition(say`Two wires of the pick-up swapped`, { polarity: 'right' })] : []),
    },
    {
      id: 'coil-each',
      cures: ['coils'],
      trials: () => [topped(say`A coil for each cylinder, with a cam sensor`, { ignition: { ...e, coils: 'one-each' }, sensors: { ...c.sensors.entry, phase: 'cam-sensor' } })],
    },
    {
      id: 'relabel',
      cures: ['number-one'],
      // What was traced under the old labels proves nothing of the new ones.
      betterIsEnough: true,
      trials: () => (c.numberedFrom === null || (e.labelledFrom === null && !fromWrongEnd) ? [] : [ignition(say`Wires labelled again from the ${c.numberedFrom === 'front' ? 'front' : 'bulkhead end'}, and traced again`, { labelledFrom: c.numberedFrom, proved: fromWrongEnd ? [] : e.proved })]),
    },
  ]
} // prettier-ignore

/** Changes worth trying at vacuum, sensors and ignition. */
export const placesLadders = (c: EngineTopCase): Ladder[] => [
  ...vacuumLadders(c),
  ...sensorLadders(c),
  ...rotorLadders(c),
  ...sparkLadders(c, c.system),
]

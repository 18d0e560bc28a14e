import { CIRCUITS_OF_ROLE } from '../../figures/index.ts'
import type { JobChange, JobDocument } from '../../job/index.ts'
import { WIRE_LABELS } from '../../meaning/index.ts'
import { WIRE_SIZES } from '../../parts/index.ts'
import { FUSE_RATINGS_A } from '../../power/index.ts'
import type { PowerDesign, PowerWire, WireRole } from '../../sections/index.ts'
import { fig, say, type Sentence, type Verdict } from '../../verdict/index.ts'
import type { Ladder, Trial } from '../station.ts'
import { ALTERNATORS_A, ratioThatCovers } from './judgeGate.ts'
import { midSentence } from '../../words/index.ts'
import { powerCase, type PowerCase } from './powerCase.ts'
import { fusesOf } from './wireChecks.ts'

const METRIC = WIRE_SIZES.filter((s) => s.id.startsWith('mm2-'))

const designed = (job: JobDocument, label: Sentence, design: Partial<PowerDesign>): Trial => ({
  label,
  change: { power: { design: { ...job.power.design, ...design } } },
})
/** The accepted loom with other sizes: a wire has one size, and the loom's is the one that counts. */
const reloomed = (job: JobDocument, wires: Partial<Record<WireRole, Partial<PowerWire>>>): JobChange => {
  const { loom } = job.harness
  const sizes = new Map(
    Object.entries(wires).flatMap(([role, { size }]) =>
      size === undefined ? [] : (CIRCUITS_OF_ROLE[role as WireRole] ?? []).map((id) => [id, size] as const),
    ),
  )
  if (loom === null || !loom.wires.some((w) => sizes.has(w.id))) return {}
  return { harness: { loom: { ...loom, wires: loom.wires.map((w) => ({ ...w, size: sizes.get(w.id) ?? w.size })) } } }
}
const rewired = (job: JobDocument, label: Sentence, wires: Partial<Record<WireRole, Partial<PowerWire>>>): Trial => ({
  label,
  change: {
    ...reloomed(job, wires),
    power: {
      wires: {
        ...job.power.wires,
        ...Object.fromEntries(
          Object.entries(wires).map(([role, w]) => [role, { ...job.power.wires[role as WireRole], ...w }]),
        ),
      },
    },
  },
})

/** Standard sizes above the one that is there, the least first. */
const thicker = (c: PowerCase, role: WireRole, most = 4) =>
  METRIC.filter((s) => s.sectionM2 > c.supply.wires[role].sectionM2 * 1.01).slice(0, most)

/** A measured drop is of the old cable: a new one is judged by its size. */
const NEW = { crankDropV: null, joints: 'good' } as const
const name = (role: WireRole): string => midSentence(WIRE_LABELS[role])

/** A strap put in or renewed, as a change of what the walk-around found too. */
const strapped = (job: JobDocument, c: PowerCase, role: 'batteryEarth' | 'engineStrap' | 'bodyStrap'): Trial[] => {
  const key = { batteryEarth: 'batteryToEngine', engineStrap: 'engineToBody', bodyStrap: 'batteryToBody' } as const
  const earths = { ...job.walkAround.earths, [key[role]]: true }
  const sizes = c.supply.wires[role].fitted ? thicker(c, role) : METRIC.filter((s) => s.sectionM2 >= 16e-6).slice(0, 4)
  return sizes.map(({ id, words }) => {
    const trial = rewired(job, say`Fit a new ${name(role)} of ${words}`, { [role]: { ...NEW, size: id } })
    return { ...trial, change: { ...trial.change, walkAround: { earths } } }
  })
}

const cables = (job: JobDocument, c: PowerCase): Trial[] =>
  thicker(c, 'starterCable').map(({ id, words }) =>
    rewired(job, say`Starter cable and battery earth of ${words}, new terminals`, {
      starterCable: { ...NEW, size: id },
      batteryEarth: { ...NEW, size: id },
    }),
  )

const feeds = (job: JobDocument, c: PowerCase): Trial[] => {
  const { ecuFeed, ecuEarth } = c.power.design
  const direct = { ecuFeed: 'battery', ecuEarth: 'battery' } as const
  return [
    ...(ecuFeed === 'battery'
      ? []
      : [designed(job, say`Feed the ECU from the battery terminals`, { ecuFeed: 'battery' })]),
    ...(ecuEarth === 'battery'
      ? []
      : [designed(job, say`Earth the ECU at the battery terminal`, { ecuEarth: 'battery' })]),
    ...(ecuFeed === 'battery' || ecuEarth === 'battery'
      ? []
      : [designed(job, say`Feed and earth the ECU at the battery terminals`, direct)]),
    ...thicker(c, 'ecuFeed').map(({ id, words }) =>
      rewired(job, say`ECU feed and earth of ${words}`, { ecuFeed: { size: id }, ecuEarth: { size: id } }),
    ),
  ]
}

const pump = (job: JobDocument, c: PowerCase): Trial[] => {
  const { pumpFeed, pumpEarth } = c.power.design
  const earthed = { pumpEarth: { joints: 'good' } } as const
  const clean = rewired(job, say`Earth the pump on a clean, proven body point`, earthed)
  return [
    ...(pumpEarth === 'frame' ||
    job.power.wires.pumpEarth.joints === 'rusty' ||
    job.power.wires.pumpEarth.joints === 'poor'
      ? [
          {
            ...clean,
            change: { power: { ...clean.change.power, design: { ...job.power.design, pumpEarth: 'body' as const } } },
          },
        ]
      : []),
    ...(pumpFeed === 'battery'
      ? []
      : [designed(job, say`Feed the pump from the battery terminals`, { pumpFeed: 'battery' })]),
    ...thicker(c, 'pumpFeed').map(({ id, words }) =>
      rewired(job, say`Pump feed of ${words}`, { pumpFeed: { size: id } }),
    ),
    ...thicker(c, 'pumpFeed').map(({ id, words }) =>
      rewired(job, say`Pump feed and earth of ${words}`, { pumpFeed: { size: id }, pumpEarth: { size: id } }),
    ),
  ]
}

/** Wires named by a verdict of fuses, else all that have one behind it. */
const judgedRoles = (c: PowerCase, v: Verdict): WireRole[] => {
  const named = (Object.keys(c.supply.wires) as WireRole[]).filter((r) => v.title.startsWith(c.labels[r] ?? r))
  return named.length > 0 ? named : c.wireChecks.filter((w) => w.fuse !== null).map((w) => w.role)
}
const thinLead = (job: JobDocument, c: PowerCase, v: Verdict): Trial[] =>
  judgedRoles(c, v).flatMap((role): Trial[] => {
    // A wire behind the fuse of another gets thinner fuses there.
    const { role: fused, ratingA } = fusesOf(c.solved).find((f) => f.behind.includes(role)) ?? { role, ratingA: null }
    return [
      ...thicker(c, role).map(({ id, words }) =>
        rewired(job, say`${WIRE_LABELS[role]} of ${words}`, { [role]: { size: id } }),
      ),
      ...(ratingA === null
        ? []
        : [...FUSE_RATINGS_A]
            .filter((a) => a < ratingA)
            .slice(-2)
            .map((a) =>
              rewired(job, say`A fuse of ${fig(a, 'current')} for the ${name(fused)}`, { [fused]: { fuseA: a } }),
            )),
    ]
  })
const otherFuse = (job: JobDocument, c: PowerCase, v: Verdict): Trial[] =>
  judgedRoles(c, v).flatMap((role) => {
    const check = c.wireChecks.find((w) => w.role === role)
    return (check?.fuse?.choices ?? [])
      .filter((a) => a !== check!.fuse!.ratingA)
      .map((a) => rewired(job, say`A fuse of ${fig(a, 'current')} for the ${name(role)}`, { [role]: { fuseA: a } }))
  })

/** Changes worth trying at the power station. */
export const powerLadders = (job: JobDocument): Ladder[] => {
  const c = powerCase(job)
  if (c.refusedBy !== null || !c.gateKnown) return []
  const { design } = c.power
  const one = (id: string, cures: string[], trial: Trial): Ladder => ({ id, cures, trials: () => [trial] })
  return [
    { id: 'feed', cures: ['ecu-feed', 'ecu-earth', 'crank-sag', 'fan-dip'], trials: () => feeds(job, c) },
    {
      id: 'keyed',
      cures: ['keyed', 'keyed-wires', 'crank-sag'],
      trials: () =>
        design.keyedFeed === 'relay'
          ? []
          : [designed(job, say`Keyed feed from a relay, its coil from run and start through two diodes`, { keyedFeed: 'relay' })],
    },
    { id: 'cables', cures: ['starter-circuit', 'crank-sag', 'cranking'], betterIsEnough: true, trials: () => cables(job, c) },
    { id: 'battery-strap', cures: ['earth-block', 'starter-circuit', 'crank-sag', 'cranking'], betterIsEnough: true, trials: (v) => (v.state === 'unknown' ? [] : strapped(job, c, 'batteryEarth')) },
    { id: 'engine-strap', cures: ['earth-block', 'earth-body', 'starter-circuit'], betterIsEnough: true, trials: (v) => (v.state === 'unknown' ? [] : strapped(job, c, 'engineStrap')) },
    { id: 'body-strap', cures: ['earth-block', 'earth-body', 'starter-circuit'], betterIsEnough: true, trials: (v) => (v.state === 'unknown' ? [] : strapped(job, c, 'bodyStrap')) },
    { id: 'pump', cures: ['pump-volts'], betterIsEnough: true, trials: () => pump(job, c) },
    {
      id: 'pulley',
      cures: ['generator'],
      trials: () => {
        const ratio = ratioThatCovers(c)
        if (ratio === null) return []
        const charging = { ...job.walkAround.charging, pulleyRatio: ratio }
        return [{ label: say`Pulley ratio ${fig(ratio, 'ratio', 2)}`, change: { walkAround: { charging } } }]
      },
    },
    {
      id: 'alternator',
      cures: ['generator'],
      trials: () =>
        ALTERNATORS_A.filter((a) => c.supply.generator.kind === 'dynamo' || a > c.supply.generator.output.at(-1)![1]).map((ratedA) => ({
          label: say`Fit an alternator of ${fig(ratedA, 'current')}`,
          change: {
            walkAround: { charging: { ...job.walkAround.charging, kind: 'alternator' as const, ratedA } },
            power: { generator: { ...job.power.generator, output: [], cutInRpm: null, regulatorV: null } },
          },
        })),
    },
    { id: 'thin-lead', cures: ['thin-lead', 'fuse-short', 'wire-drop'], trials: (v) => thinLead(job, c, v) },
    { id: 'fuse', cures: ['fuse-load', 'fuse-inrush'], trials: (v) => otherFuse(job, c, v) },
    {
      id: 'stop',
      cures: ['stop-logic'],
      trials: () => [
        ...(c.supply.old.killSwitch === 'battery' || c.supply.old.killSwitch === 'ignition'
          ? [{ label: say`A kill switch that cuts battery, keyed feed and generator field`, change: { power: { old: { ...job.power.old, killSwitch: 'full' as const } } } }]
          : []),
        ...(c.supply.old.chargeLamp && design.lampDiode !== true ? [designed(job, say`A diode in the charging lamp’s lead`, { lampDiode: true })] : []),
        ...(c.supply.fan === 'old-switch' ? [designed(job, say`Fan on a relay of its own, fed from the battery`, { fan: 'relay' })] : []),
        ...(design.relays === 'shared' ? [designed(job, say`A relay each for ECU and pump`, { relays: 'separate' })] : []),
        ...(design.keyedFeed === 'relay' ? [] : [designed(job, say`Keyed feed from a relay, its coil from run and start through two diodes`, { keyedFeed: 'relay' })]),
      ],
    },
    {
      id: 'sensor-returns',
      cures: ['sensor-earth'],
      trials: () => [
        {
          label: say`Return every sensor to the ECU’s sensor earth`,
          change: { power: { sensors: { coolant: 'ecu', air: 'ecu', manifold: 'ecu', throttle: 'ecu', oxygen: 'ecu' } } },
        },
      ],
    },
    one('pump-cut', ['pump-cut'], designed(job, say`Drive the pump relay from the ECU`, { pumpCut: 'ecu' })),
    one('fan-feed', ['fan-feed', 'fan-dip'], designed(job, say`Fan on a relay of its own, fed from the battery`, { fan: 'relay' })),
    {
      id: 'charge-path',
      cures: ['old-path'],
      trials: () => [
        {
          label: say`Charging cable straight to the starter stud`,
          change: { power: { generator: { ...job.power.generator, joins: 'starter-stud' } } },
        },
      ],
    },
    {
      id: 'fan',
      cures: ['device-fan', 'device-ignition', 'old-path', 'keyed'],
      trials: () =>
        c.supply.fan === 'old-switch' ? [designed(job, say`Fan on a relay of its own, fed from the battery`, { fan: 'relay' })] : [],
    },
    one('relays', ['shared-relay'], designed(job, say`A relay each for ECU and pump`, { relays: 'separate' })),
    one('heater', ['heater', 'rest'], designed(job, say`Heater from the keyed feed`, { heaterFeed: 'keyed' })),
    one('gauges', ['gauges-feed'], designed(job, say`Gauges from the ignition circuit`, { gaugesFeed: 'ignition' })),
    one('noise', ['noise-path'], designed(job, say`Feed the pick-ups from the ECU`, { pickUpFeed: 'ecu' })),
    one('jump-posts', ['jump-posts'], designed(job, say`Fit jump posts in the engine bay`, { jumpPosts: true })),
  ]
} // prettier-ignore

import {
  ContinuityPlanInput,
  ContinuityPlanOutput,
  FormBoardInput,
  FormBoardOutput,
  NoiseExposureInput,
  NoiseExposureOutput,
} from '@lochmoor/contract'
import {
  continuityPlan,
  err,
  exposureOfRun,
  followUpReading,
  layFlat,
  lengthOf,
  loomNets,
  LoomDoctor,
  noiseBudgetOf,
  ok,
  openLoops,
  sheetsOf,
  SHEET_WINDOWS_M,
  type InputError,
} from '@lochmoor/core'

import type { z } from 'zod'
import { calculator, type Calculator } from './calculator.ts'

type Faults = InputError<'input'>[]
const fault = (field: string, value: string, allowed: string): Faults[number] => ({
  code: 'input',
  field,
  value,
  allowed,
})

/** Ids that stand twice in a list. */
const twice = (list: readonly { readonly id: string }[], at: string): Faults =>
  list.flatMap((x, n) => (list.findIndex((y) => y.id === x.id) < n ? [fault(`${at}.${n}.id`, x.id, 'an id of its own')] : [])) // prettier-ignore

const noiseExposure = ({ suppressed, victims }: z.output<typeof NoiseExposureInput>) => {
  const faults = twice(victims, 'victims')
  if (faults.length > 0) return err(faults)
  return ok({
    victims: victims.map((v) => {
      const shares = v.runs.map(({ beside, endSpacingM, ...run }) =>
        exposureOfRun(beside, { ...run, ...(endSpacingM !== undefined && { endSpacingM }) }, v.shielded, suppressed),
      )
      const exposure = shares.reduce((sum, x) => sum + x, 0)
      const budget = noiseBudgetOf(v.class)
      const most = Math.max(...shares)
      return {
        id: v.id,
        exposure,
        budget,
        withinBudget: budget === null || exposure <= budget * (1 + 1e-9),
        shares,
        worstRun: most > 0 ? shares.indexOf(most) : null,
      }
    }),
  })
}

const formBoard = ({ branches, paper, widthM }: z.output<typeof FormBoardInput>) => {
  const faults = [
    ...twice(branches, 'branches'),
    ...branches.flatMap((b, n) => (b.from === b.to ? [fault(`branches.${n}.to`, b.to, 'another node than from')] : [])),
  ]
  if (faults.length > 0) return err(faults)
  return ok({
    boards: openLoops(branches).map((loom) => {
      const flat = layFlat(loom.branches, widthM)
      const by = new Map(flat.branches.map((b) => [b.id, b.points]))
      return {
        widthM: flat.width,
        heightM: flat.height,
        branches: loom.branches.map(({ id }) => {
          const points = by.get(id)!
          return { id, lengthM: lengthOf(points), pointsM: points.map((p): [number, number] => [p.x, p.y]) }
        }),
        cuts: [...loom.cuts],
        sheets: sheetsOf([...by.values()], SHEET_WINDOWS_M[paper]).length,
      }
    }),
  })
}

const continuity = ({ earth, grouped, read, supply, wires }: z.output<typeof ContinuityPlanInput>) => {
  const faults = twice(wires, 'wires')
  const known = new Set(wires.map((w) => w.id))
  const unknown = (list: readonly string[], at: string): void => {
    list.forEach((id, n) => {
      if (!known.has(id)) faults.push(fault(`${at}.${n}`, id, 'the id of a wire'))
    })
  }
  unknown(supply, 'supply')
  unknown(earth, 'earth')
  wires.forEach((w, n) => {
    if (w.from === w.to) faults.push(fault(`wires.${n}.to`, w.to, 'another end than from'))
  })
  const loom = loomNets(wires)
  const plan = continuityPlan(loom, { supply, earth, grouped })
  const pins = new Set(loom.pins)
  read.asked.forEach((a, n) => {
    for (const side of ['clip', 'probe'] as const)
      a[side].forEach((pin, k) => {
        if (!pins.has(pin)) faults.push(fault(`read.asked.${n}.${side}.${k}`, pin, 'a pin of the loom'))
      })
  })
  const ids = new Set(plan.readings.map((r) => r.id))
  read.wrong.forEach((id, n) => {
    if (!ids.has(id)) faults.push(fault(`read.wrong.${n}`, id, 'the id of a reading of the plan'))
  })
  if (faults.length > 0) return err(faults)
  const wrong = new Set(read.wrong)
  const answer = new LoomDoctor(loom).diagnose([
    ...plan.readings.map((reading) => ({ reading, rang: wrong.has(reading.id) ? !reading.rings : reading.rings })),
    ...read.asked.map((a) => ({ reading: followUpReading(a.clip, a.probe), rang: a.rang })),
  ])
  return ok({
    nets: loom.nets.map((n) => ({ id: n.id, pins: [...n.pins], wires: [...n.wires] })),
    readings: plan.readings.map((r) => ({ ...r, clip: [...r.clip], probe: [...r.probe] })),
    clips: plan.clips,
    reclips: plan.reclips,
    minutes: plan.minutes,
    pairsUnproved: plan.pairsUnproved,
    lonely: [...plan.lonely],
    state: answer.state,
    explanations: answer.explanations.map((e) => [...e]),
    next: answer.next && { clip: [...answer.next.clip], probe: [...answer.next.probe] },
  })
}

const OWN_ID = 'an id of its own'
/** What the bench needs of a loom. */
export const HARNESS_BENCH_CALCULATORS: readonly Calculator[] = [
  calculator(
    'noise-exposure',
    'what a wire picks up beside others, by length, spacing and angle, against its budget',
    NoiseExposureInput,
    NoiseExposureOutput,
    noiseExposure,
    [{ field: 'victims.*.id', allowed: OWN_ID }],
  ),
  calculator(
    'form-board',
    'a loom laid flat at true length, nothing crossing, loops opened, and the sheets of paper that it takes',
    FormBoardInput,
    FormBoardOutput,
    formBoard,
    [
      { field: 'branches.*.id', allowed: OWN_ID },
      { field: 'branches.*.to', allowed: 'another node than from' },
    ],
  ),
  calculator(
    'continuity-plan',
    'readings that prove a loom with a meter, and what is wrong by what was read',
    ContinuityPlanInput,
    ContinuityPlanOutput,
    continuity,
    [
      { field: 'wires.*.id', allowed: OWN_ID },
      { field: 'wires.*.to', allowed: 'another end than from' },
      { field: 'supply.*', allowed: 'the id of a wire' },
      { field: 'earth.*', allowed: 'the id of a wire' },
      { field: 'read.asked.*.clip.*', allowed: 'a pin of the loom' },
      { field: 'read.asked.*.probe.*', allowed: 'a pin of the loom' },
      { field: 'read.wrong.*', allowed: 'the id of a reading of the plan' },
    ],
  ),
]

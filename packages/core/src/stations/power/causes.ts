import { withChange, type JobChange, type JobDocument } from '../../job/index.ts'
import { WIRE_SIZES } from '../../parts/index.ts'
import type { WireRole } from '../../sections/index.ts'
import { isWorse, worstFirst, worstState, type Verdict } from '../../verdict/index.ts'
import type { PowerCase } from './powerCase.ts'
import { fusesOf } from './wireChecks.ts'

/** A known mistake: the verdict that names it, and what undoes it alone. */
interface Mistake {
  readonly verdict: string
  readonly cure: JobChange
}

const designed = (job: JobDocument, design: Partial<JobDocument['power']['design']>): JobChange => ({
  power: { design: { ...job.power.design, ...design } },
})
const NEW_STRAP = { size: 'mm2-25', joints: 'good', crankDropV: null } as const
const strapped = (
  job: JobDocument,
  role: 'batteryEarth' | 'engineStrap',
  earth: 'batteryToEngine' | 'engineToBody',
): JobChange => ({
  // prettier-ignore
  walkAround: { earths: { ...job.walkAround.earths, [earth]: true } },
  power: { wires: { ...job.power.wires, [role]: { ...job.power.wires[role], ...NEW_STRAP } } },
})

/** Thicker wires behind a fuse that is too large for them. */
const thickened = (job: JobDocument, c: PowerCase): JobChange => {
  const wires = { ...job.power.wires }
  for (const { behind, ratingA } of fusesOf(c.solved))
    for (const role of behind) {
      const check = c.wireChecks.find((w) => w.role === role)
      if (!check || check.bearsA >= ratingA) continue
      const share = ratingA / check.bearsA
      const size = WIRE_SIZES.find((s) => s.id.startsWith('mm2-') && s.sectionM2 > check.wire.sectionM2 * share ** 1.7)
      if (size) wires[role] = { ...wires[role], size: size.id }
    }
  return { power: { wires } }
}

/** Mistakes that this design shows, the most common first. */
const mistakesOf = (job: JobDocument, c: PowerCase): Mistake[] => {
  const { design, wires } = job.power
  const { supply } = c
  const is = (there: boolean, verdict: string, cure: () => JobChange): Mistake[] =>
    there ? [{ verdict, cure: cure() }] : []
  const rusted = supply.design.pumpEarth === 'frame' || wires.pumpEarth.joints === 'rusty' || wires.pumpEarth.joints === 'poor' // prettier-ignore
  return [
    ...is(design.relays === 'shared', 'shared-relay', () => designed(job, { relays: 'separate' })),
    ...is(supply.fan === 'old-switch', 'fan-feed', () => designed(job, { fan: 'relay' })),
    ...is(design.ecuFeed !== 'battery', 'ecu-feed', () => designed(job, { ecuFeed: 'battery' })),
    ...is(design.keyedFeed !== 'relay', 'keyed', () => designed(job, { keyedFeed: 'relay' })),
    ...is(!supply.wires.batteryEarth.fitted, 'earth-block', () => strapped(job, 'batteryEarth', 'batteryToEngine')),
    ...is(!supply.wires.engineStrap.fitted, 'earth-body', () => strapped(job, 'engineStrap', 'engineToBody')),
    ...is(rusted, 'pump-volts', () => ({
      power: {
        design: { ...design, pumpEarth: design.pumpEarth === 'frame' ? 'body' : design.pumpEarth },
        wires: { ...wires, pumpEarth: { ...wires.pumpEarth, joints: 'good' } },
      },
    })),
    ...is(fusesOf(c.solved).some((f) => f.behind.some((r: WireRole) => (c.wireChecks.find((w) => w.role === r)?.bearsA ?? Infinity) < f.ratingA)), 'thin-lead', () => thickened(job, c)), // prettier-ignore
  ]
}

/** What is undone to see what it causes; none where only one thing is wrong, or nothing was worked out. */
export const mistakesToUndo = (job: JobDocument, c: PowerCase, judged: readonly Verdict[]): Mistake[] => {
  const unsound = judged.filter((v) => v.state !== 'ok')
  return unsound.length < 2 ? [] : mistakesOf(job, c).filter((m) => unsound.some((v) => v.id === m.verdict))
}

/**
 * Verdicts in the order of cause and effect: a mistake first, as bad as the worst that it does, and right beneath it what
 * is cured when it alone is undone. Found by undoing each and judging the whole station again.
 */
export const causesFirst = (
  job: JobDocument,
  c: PowerCase,
  judged: readonly Verdict[],
  judgeAgain: (job: JobDocument) => readonly Verdict[],
): Verdict[] => {
  const unsound = judged.filter((v) => v.state !== 'ok')
  const causes = mistakesToUndo(job, c, judged)
  if (causes.length === 0) return worstFirst(judged)
  const cures = causes.map((m) => {
    const after = new Map(judgeAgain(withChange(job, m.cure)).map((v) => [v.id, v.state]))
    const isCured = (v: Verdict) => {
      const state = after.get(v.id)
      // What is no longer there to be judged does not fail any more.
      return state === undefined || state === 'ok' || isWorse(v.state, state)
    }
    const own = unsound.find((v) => v.id === m.verdict)!
    return { verdict: m.verdict, effects: isCured(own) ? unsound.filter((v) => v !== own && isCured(v)).map((v) => v.id) : [] } // prettier-ignore
  })
  // Each effect belongs to the cause that explains most; a cause is nobody's effect.
  const heads = new Set(cures.map((x) => x.verdict))
  const effectOf = new Map<string, string>()
  for (const { verdict, effects } of [...cures].sort((a, b) => b.effects.length - a.effects.length))
    for (const id of effects) if (!heads.has(id) && !effectOf.has(id)) effectOf.set(id, verdict)
  const beneath = (v: Verdict) => judged.filter((e) => effectOf.get(e.id) === v.id)
  const firsts = judged
    .filter((v) => !effectOf.has(v.id))
    .map((v) => ({ ...v, state: worstState([v.state, ...beneath(v).map((e) => e.state)]) }))
  const explains = (v: Verdict) => (beneath(v).length > 0 ? 0 : 1)
  return worstFirst([...firsts].sort((a, b) => explains(a) - explains(b))).flatMap((v) => [
    v,
    ...worstFirst(beneath(v)).map((e): Verdict => ({ ...e, effectOf: v.id })),
  ])
}

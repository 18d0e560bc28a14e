import { turned } from '../../engine-top/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'
import { midSentence } from '../../words/index.ts'

/** Lever as fitted and lever as measured for the linkage may lie so far apart, m. */
const SAME_SIDE_M = 0.03
const list = (names: readonly string[]): string => names.join(', ')

/** Throttle body, rail and air cleaner against bulkhead, alternator and whatever else stands round them. */
export const judgeSides = (c: EngineTopCase): EngineTopVerdict | null => {
  const { entry, gaps, nameOf, sideWantedM } = c.stack
  const openPoints = [...c.stack.openPoints, ...c.stack.openNeighbours]
  if (entry.around.length === 0 && entry.points.length === 0) return null
  const base = { ...plain, id: 'sides', source: 'rule; sideways rock about the mounts' }
  const [worst] = gaps
  if (worst === undefined || openPoints.length > 0) {
    const touching = worst !== undefined && worst.gapM < sideWantedM
    if (!touching)
      return {
        ...base,
        title: 'Room at the sides not known',
        state: 'unknown',
        next: say`Measure the points of the new stack, bulkhead and alternator`,
        reason:
          openPoints.length > 0
            ? say`Not measured: ${list(openPoints)}.`
            : entry.points.length === 0
              ? say`Enter what stands out: throttle lever, fuel inlet, ends of the rail.`
              : say`Enter what stands round it: bulkhead, alternator, brake servo.`,
      }
  }
  const w = worst!
  const state = w.gapM < 0 ? 'stop' : w.gapM < sideWantedM ? 'caution' : 'ok'
  const pair = `${midSentence(nameOf(w.point))} and ${midSentence(nameOf(w.face))}`
  return {
    ...base,
    title:
      state === 'stop'
        ? `No room: ${pair}`
        : state === 'caution'
          ? `Too close: ${pair}`
          : 'Room at the sides',
    state,
    figureName: 'gap, engine rocking',
    figure: fig(w.gapM, 'bore', 0),
    limitName: 'at least',
    limit: fig(sideWantedM, 'bore', 0),
    margin: fig(w.gapM - sideWantedM, 'bore', 0),
    reason:
      w.movesM > 0
        ? say`Tightest: ${pair}, ${fig(w.atRestM, 'bore', 0)} at rest, ${fig(w.movesM, 'bore', 0)} of sideways rock.`
        : say`Tightest: ${pair}; both move together.`,
  }
} // prettier-ignore

/** Is the lever where the linkage was measured for? */
export const judgeLeverSide = (c: EngineTopCase): EngineTopVerdict | null => {
  const lever = c.stack.entry.points.find((p) => p.kind === 'throttle-lever')
  const last = c.top.throttle.links.at(-1)
  const end = last && (last.kind === 'rod' ? last.driven : null)
  if (!lever || !end || lever.rightM === null || lever.aheadM === null || end.rightM === null || end.aheadM === null)
    return null
  const at = { rightM: lever.rightM, aheadM: lever.aheadM }
  const fitted = lever.turns === true ? turned(at, c.stack.entry.facingDeg) : at
  const off = Math.hypot(fitted.rightM - end.rightM, fitted.aheadM - end.aheadM)
  const wrong = off > SAME_SIDE_M + (end.armM ?? 0)
  return {
    ...plain,
    id: 'lever-side',
    title: wrong ? 'Throttle lever is not where the linkage ends' : 'Throttle lever where the linkage ends',
    state: wrong ? 'stop' : 'ok',
    figureName: 'apart',
    figure: fig(off, 'bore', 0),
    next: say`Face the throttle body the other way, or measure the linkage for this side`,
    reason: wrong
      ? say`With the throttle body facing this way its lever is on another side than the one the rods were measured to.`
      : say`Lever and rods were measured to the same side.`,
    source: 'rule',
  }
}

/** What comes off, what becomes of it, and what its open ends and holes wait for. */
export const judgeOff = (c: EngineTopCase): EngineTopVerdict[] => {
  if (!c.begun || c.off.length === 0) return []
  const entries = new Map(c.stack.entry.off.map((o) => [o.id, o]))
  const open = c.off.filter((p) => (entries.get(p.id)?.fate ?? null) === null)
  const untagged = c.off.filter((p) => {
    const e = entries.get(p.id)
    return p.leavesOpen && e !== undefined && e.fate !== null && e.fate !== 'scrapped' && e.tag === ''
  })
  const blanks = c.off.filter((p) => p.leavesHole && entries.get(p.id)?.fate === 'blanked')
  const bare = blanks.filter((p) => entries.get(p.id)!.painted === false)
  const unseen = blanks.filter((p) => entries.get(p.id)!.painted === null)
  return [
    {
      ...plain,
      id: 'comes-off',
      title: open.length > 0 ? 'What becomes of old parts is not decided' : 'Every old part has its place',
      state: open.length > 0 ? 'unknown' : 'ok',
      figureName: open.length > 0 ? 'parts open' : 'parts',
      figure: fig(open.length > 0 ? open.length : c.off.length, 'count'),
      next: say`Say of each whether it is stored, used again, blanked off or scrapped`,
      reason: open.length > 0 ? say`${list(open.map((p) => p.name))}.` : say`What can be undone needs its parts.`,
      source: 'trade practice',
    },
    ...(untagged.length > 0 || c.off.some((p) => (entries.get(p.id)?.tag ?? '') !== '')
      ? [
          {
            ...plain,
            id: 'tags',
            title: untagged.length > 0 ? 'Open end without a tag' : 'Open ends tagged',
            state: untagged.length > 0 ? 'caution' : 'ok',
            figureName: 'ends',
            figure: fig(untagged.length > 0 ? untagged.length : c.off.filter((p) => (entries.get(p.id)?.tag ?? '') !== '').length, 'count'),
            next: say`Plug it, and write on the tag what it waits for`,
            reason: untagged.length > 0 ? say`${list(untagged.map((p) => p.name))}: in a week nobody knows which hose it was.` : say`Each says what it waits for.`,
            source: 'trade practice',
          } satisfies EngineTopVerdict,
        ]
      : []),
    ...(blanks.length > 0
      ? [
          {
            ...plain,
            id: 'blanks',
            title: bare.length > 0 ? 'Blank fitted without paint' : unseen.length > 0 ? 'Paint of the blanks not checked' : 'Blanks painted before they were fitted',
            state: bare.length > 0 ? 'caution' : unseen.length > 0 ? 'unknown' : 'ok',
            figureName: 'blanks',
            figure: fig(bare.length > 0 ? bare.length : blanks.length, 'count'),
            next: say`Paint blanks and covers before they go on`,
            reason: bare.length > 0 ? say`${list(bare.map((p) => p.name))}: its rim rusts where no brush reaches.` : say`The rim under the gasket is reached only before.`,
            source: 'trade practice',
          } satisfies EngineTopVerdict,
        ]
      : []),
  ]
} // prettier-ignore

/** The meter of an older injection: what takes its place. */
export const judgeAirMeter = (c: EngineTopCase): EngineTopVerdict | null => {
  const { airMeter, airMeterDuct } = c.stack.entry
  if (airMeter === null || airMeter === 'none') return null
  const out = airMeter === 'out'
  return {
    ...plain,
    id: 'air-meter',
    title: !out
      ? 'Old air meter stays in the way of the air'
      : airMeterDuct === true
        ? 'Duct made good where the air meter was'
        : 'Gap in the duct where the air meter was',
    state: !out ? 'caution' : airMeterDuct === true ? 'ok' : airMeterDuct === false ? 'stop' : 'unknown',
    next: out ? say`Fit a tube of the same bore, clipped at both ends` : say`Take it out, and fit a tube in its place`,
    reason: !out
      ? say`An ECU that reads manifold pressure does not need it: its flap throttles the engine.`
      : airMeterDuct === true
        ? say`A tube of the same bore, clipped: the air is filtered to the throttle.`
        : say`Unfiltered air and grit go straight into the engine.`,
    source: 'trade practice',
  }
}

import { fig, plain, say, type Sentence } from '../../verdict/index.ts'
import { isTapered } from '../../parts/index.ts'
import type { BoltsOfGroup } from './boltsOfJob.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'

/** Metal left beside a tapered hole, m: less cracks as the plug wedges in. Rule of thumb. */
const LEAST_WALL_M = 0.003
/** Parts that are tightened in an order. */
const ORDERED = ['manifold', 'throttle-body', 'adapter']

const OPENS_WORDS = { coolant: 'coolant', oil: 'oil', port: 'an inlet port' } as const

/** What a thread is, as it follows “thread”. */
export const STATE_WORDS = {
  dry: 'dry',
  oiled: 'oiled',
  'thread sealant': 'on sealant',
  'anti-seize': 'on anti-seize',
} as const

const bought = (b: BoltsOfGroup): Sentence => {
  const buy = b.toBuy?.fit ?? null
  if (buy === null) return say`No length that is sold does: tap the hole deeper, or fit a stud.`
  const same = b.answer?.fit && Math.abs(b.answer.fit.lengthM - buy.lengthM) < 1e-6
  return same ? say`` : say`${fig(buy.lengthM, 'bore', 1)} under the head does: ${fig(buy.engagementM, 'bore', 1)} in the thread${buy.tipGapM === null ? '' : say`, ${fig(buy.tipGapM, 'bore', 1)} to the bottom`}.`
} // prettier-ignore

const judgeOne = (b: BoltsOfGroup, index: number): EngineTopVerdict => {
  const { answer, contradiction, group, missing, thread } = b
  const name = group.name
  const base = {
    ...plain,
    id: `bolt-${group.id}`,
    subject: { kind: 'bolt', sensor: index },
    source: 'ISO 68-1, ASME B1.1; engagement: rule of thumb',
  }
  if (contradiction !== null)
    return {
      ...base,
      title: `${name}: depths contradict each other`,
      state: 'unknown',
      next: say`Measure thread and hole again`,
      reason: say`As entered, ${contradiction}.`,
    }
  if (answer === null)
    return {
      ...base,
      title: `${name}: not measured`,
      state: 'unknown',
      next: say`Measure what is missing`,
      reason: say`Not known: ${missing.join(', ')}.`,
    }
  const { fit, leastEngagementM, longestM, weakest } = answer
  if (fit === null)
    return {
      ...base,
      title: `${name}: no bolt that is sold fits`,
      state: 'stop',
      figureName: 'longest before it bottoms',
      figure: longestM === null ? null : fig(longestM, 'bore', 1),
      limitName: 'shortest that holds',
      limit: fig(b.clampedM! + leastEngagementM, 'bore', 1),
      margin: longestM === null ? null : fig(longestM - b.clampedM! - leastEngagementM, 'bore', 1),
      next: say`Tap the hole deeper, fit a stud, or use a washer that takes up the rest`,
      reason: say`${thread!.name}: every length either bottoms or holds by too little.`,
      workings: ['engagement'],
    }
  if (fit.bottoms)
    return {
      ...base,
      title: `${name}: bolt bottoms before it clamps`,
      state: 'stop',
      figureName: 'under its head',
      figure: fig(fit.lengthM, 'bore', 1),
      limitName: 'at most',
      limit: fig(longestM!, 'bore', 1),
      margin: fig(longestM! - fit.lengthM, 'bore', 1),
      reason: say`It is tight on the bottom of its hole, and the part is loose: a leak, or a cracked casting. ${bought(b)}`,
      workings: ['engagement'],
    }
  if (fit.short)
    return {
      ...base,
      title: fit.engagementM <= 0 ? `${name}: bolt does not reach its thread` : `${name}: too little thread engaged`,
      state: 'stop',
      figureName: 'in the thread',
      figure: fig(fit.engagementM, 'bore', 1),
      limitName: 'at least',
      limit: fig(leastEngagementM, 'bore', 1),
      margin: fig(fit.engagementM - leastEngagementM, 'bore', 1),
      reason: say`Threads in ${group.tapped === 'aluminium' ? 'aluminium' : group.tapped === 'iron' ? 'iron' : 'steel'} strip. ${bought(b)}`,
      workings: ['engagement'],
    }
  const { opensInto, sealed, state } = group
  const wet = opensInto === 'coolant' || opensInto === 'oil' || opensInto === 'port' ? opensInto : null
  const torque = say`${fig(answer.torqueNm!, 'torque', answer.torqueNm! < 10 ? 1 : 0)} in three passes, thread ${STATE_WORDS[state!]}.`
  if (wet !== null && sealed !== true)
    return {
      ...base,
      title: `${name}: ${sealed === null ? 'sealant not checked' : 'no sealant'}, hole opens into ${OPENS_WORDS[wet]}`,
      state: sealed === null ? 'unknown' : 'caution',
      next: say`Seal its thread: ${answer.sealant!}`,
      reason:
        wet === 'port'
          ? say`Past the thread the port draws air: lean on one cylinder.`
          : say`Past the thread it weeps under the head.`,
    }
  if (sealed === true && state === 'dry')
    return {
      ...base,
      title: `${name}: sealant on it, torque for a dry thread`,
      state: 'caution',
      next: say`Enter the thread as on thread sealant: the torque is less`,
      reason: say`Sealant is slippery: at the same torque it clamps by up to two fifths more.`,
    }
  return {
    ...base,
    title: weakest === 'bolt' ? `${name}: bolt fits` : `${name}: bolt fits, threads are weaker than the bolt`,
    state: 'ok',
    figureName: 'in the thread',
    figure: fig(fit.engagementM, 'bore', 1),
    limitName: 'at least',
    limit: fig(leastEngagementM, 'bore', 1),
    margin: fig(fit.engagementM - leastEngagementM, 'bore', 1),
    reason: say`${thread!.name} by ${fig(fit.lengthM, 'bore', 1)} under the head. ${torque}`,
    workings: ['engagement', 'bolt-torque'],
  }
}

const judgeTaper = (b: BoltsOfGroup, index: number): EngineTopVerdict => {
  const { group, missing, tapered } = b
  const base = {
    ...plain,
    id: `taper-${group.id}`,
    subject: { kind: 'taper', sensor: index },
    source: b.thread?.id.startsWith('NPT') ? 'ASME B1.20.1; wall: rule of thumb' : 'ISO 7-1; wall: rule of thumb',
  }
  if (missing.length > 0)
    return {
      ...base,
      title: `${group.name}: hole not measured`,
      state: 'unknown',
      next: say`Measure what is missing`,
      reason: say`Not known: ${missing.join(', ')}.`,
    }
  const t = tapered!
  const shallow = group.threadDepthM! < t.usefulM - 1e-9
  const thin = group.wallM! < LEAST_WALL_M - 1e-9
  return {
    ...base,
    title: thin
      ? `${group.name}: wall beside the hole too thin`
      : shallow
        ? `${group.name}: hole too shallow for its taper`
        : `${group.name}: hole suits its thread`,
    state: thin ? 'stop' : shallow ? 'caution' : 'ok',
    figureName: thin || !shallow ? 'thinnest wall' : 'depth that can be tapped',
    figure: fig(thin || !shallow ? group.wallM! : group.threadDepthM!, 'bore', 1),
    limitName: 'at least',
    limit: fig(thin || !shallow ? LEAST_WALL_M : t.usefulM, 'bore', 1),
    margin: fig(thin || !shallow ? group.wallM! - LEAST_WALL_M : group.threadDepthM! - t.usefulM, 'bore', 1),
    next: thin ? say`Choose another place, or a smaller thread` : say`Choose a deeper place: it would bottom before it seals`,
    reason: say`Hole ${fig(t.drillM, 'bore', 1)}, ${fig(t.usefulM, 'bore', 1)} of thread. A taper seals on its thread and wedges the metal apart: sealant, no washer; chips kept out of the engine.`,
  }
} // prettier-ignore

const judgePattern = (b: BoltsOfGroup, index: number): EngineTopVerdict | null => {
  const { group, places } = b
  if (!ORDERED.includes(group.part) || group.many < 3) return null
  const base = {
    ...plain,
    id: `pattern-${group.id}`,
    subject: { kind: 'pattern', sensor: index },
    source: 'centroid and rings: trade practice',
  }
  if (places === null)
    return {
      ...base,
      title: `${group.name}: tightening order not known`,
      state: 'unknown',
      next: say`Enter the pattern: rows, a circle, or each bolt’s place`,
      reason: say`Tightened from the middle outwards the part goes down flat; from one end it bends.`,
    }
  const off = places.length !== group.many
  return {
    ...base,
    title: off ? `${group.name}: pattern has another number of bolts` : `${group.name}: tightening order worked out`,
    state: off ? 'caution' : 'ok',
    figureName: 'bolts of the pattern',
    figure: fig(places.length, 'count'),
    limitName: 'counted',
    limit: fig(group.many, 'count'),
    next: say`Count them again`,
    reason: off
      ? say`A bolt that is not in the pattern is not on the card.`
      : say`From the middle outwards, crosswise, in three passes: see the card.`,
  }
}

/** Each group of fasteners: engagement, bottoming, sealant; bosses of sensors; tightening order. */
export const judgeBolts = (c: EngineTopCase): EngineTopVerdict[] =>
  c.bolts.flatMap((b, i): EngineTopVerdict[] => {
    const pattern = judgePattern(b, i)
    return [b.thread !== null && isTapered(b.thread) ? judgeTaper(b, i) : judgeOne(b, i), ...(pattern ? [pattern] : [])]
  })

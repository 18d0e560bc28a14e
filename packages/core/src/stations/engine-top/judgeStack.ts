import { CLAY_REACH_M, MOST_DROP_PA, type CornerClearance } from '../../engine-top/index.ts'
import { fig, plain, say, type Sentence } from '../../verdict/index.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'
import { midSentence } from '../../words/index.ts'

/** The lid this far above the mouth of the throttle body chokes nothing, m. Rule of thumb. */
export const MOUTH_M = 0.025
/** Of an air cleaner's base above what lies under it, m. Rule of thumb. */
const UNDER_BASE_M = 0.003
/** Pieces of a stack and the clay upon it may differ by so much, m. */
const ADDS_UP_M = 0.003

const PIECE_WORDS: Readonly<Record<string, string>> = {
  pad: 'pad of the manifold',
  gasket: 'gasket',
  spacer: 'spacer',
  adapter: 'adapter',
  carburettor: 'carburettor',
  'throttle-body': 'throttle body',
  plenum: 'plenum',
  base: 'base of the air cleaner',
  element: 'element',
  lid: 'lid',
  nut: 'nut and stud',
  elbow: 'elbow',
}
export const pieceWords = (kind: string): string => PIECE_WORDS[kind] ?? kind
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

const wayOf = (x: CornerClearance): Sentence =>
  Math.abs(x.upM) < 5e-4 && Math.abs(x.sidewaysM) < 5e-4
    ? say`With the engine at rest.`
    : say`Rocked over it goes ${fig(Math.abs(x.sidewaysM), 'bore', 0)} sideways and ${fig(Math.abs(x.upM), 'bore', 1)} ${x.upM < 0 ? 'down' : 'up'}; ${fig(x.atRestM!, 'bore', 1)} are left at rest.`

/** Will the bonnet shut over the new stack, with the engine rocking? */
export const judgeBonnet = (c: EngineTopCase): EngineTopVerdict => {
  const { clay, clearance, entry, levels, nameOf, wantedM } = c.stack
  const base = { ...plain, id: 'bonnet', source: 'clay, stack by caliper, rotation about the mounts' }
  if (entry.pieces.length === 0)
    return {
      ...base,
      title: 'New stack not entered',
      state: 'unknown',
      next: say`Enter the new stack piece by piece`,
      reason: say`From the manifold’s pad up to the nut of the air cleaner: it tells whether the bonnet shuts before anything is unbolted.`,
    }
  const open = levels.find((l) => l.heightM === null)
  if (open)
    return {
      ...base,
      title: `Height of the ${pieceWords(open.kind)} not known`,
      state: 'unknown',
      next: say`Measure it by caliper, or read it off the maker’s drawing`,
      reason: say`Everything above it stands on it.`,
    }
  if (clay.length === 0)
    return {
      ...base,
      title: 'Bonnet not measured',
      state: 'unknown',
      next: say`Lay lumps of clay on the old stack, close the bonnet and measure them`,
      reason: say`Over the nut, round the rim and over whatever stands high beside it.`,
    }
  const known = clearance.corners.filter((x) => x.gapM !== null)
  const [worst] = known
  const [blind] = clearance.corners.filter((x) => x.gapM === null)
  const openPoint = c.stack.rimOpen ? 'rim of the air cleaner' : c.stack.openPoints[0]
  const touches = worst !== undefined && worst.gapM! < 0
  const close = worst !== undefined && worst.gapM! < wantedM
  const unsure = worst !== undefined && worst.gapM! - 2 * worst.spreadM! < 0
  const state = touches ? 'stop' : close || unsure ? 'caution' : blind ? 'unknown' : 'ok'
  if (worst !== undefined && state === 'ok' && openPoint !== undefined)
    return {
      ...base,
      title: `Not measured: ${midSentence(openPoint)}`,
      state: 'unknown',
      next: c.stack.rimOpen ? say`Measure across lid and base, whichever is wider` : say`Measure its place and its top`,
      reason: say`Everything else clears the bonnet; this may stand higher.`,
    }
  if (state === 'unknown' || worst === undefined)
    return {
      ...base,
      title: `Bonnet not known over the ${midSentence(nameOf(blind!.id))}`,
      state: 'unknown',
      next: say`Lay clay there and measure it`,
      reason: say`It passes ${Number.isFinite(blind!.fromClayM) ? fig(blind!.fromClayM, 'bore', 0) : ''} from the nearest clay; farther than ${fig(CLAY_REACH_M, 'bore', 0)} the bonnet is not known.`,
    }
  const what = midSentence(nameOf(worst.id))
  return {
    ...base,
    title: touches
      ? `Bonnet hits the ${what}`
      : close
        ? `Bonnet too close to the ${what}`
        : unsure
          ? `Bonnet clearance within what clay can tell: ${what}`
          : 'Bonnet shuts with clearance',
    state,
    figureName: 'gap, engine rocking',
    figure: fig(worst.gapM!, 'bore', 1),
    limitName: 'at least',
    limit: fig(wantedM, 'bore', 1),
    margin: fig(worst.gapM! - wantedM, 'bore', 1),
    reason: say`${capital(what)}, ±${'\u00a0'}${fig(worst.spreadM!, 'bore', 1)}. ${wayOf(worst)}${blind ? say` Not known over the ${midSentence(nameOf(blind.id))}: lay clay there too.` : ''}`,
    workings: ['bonnet-gap'],
  }
}

/** Does the old stack add up to what the clay was laid on? */
export const judgeOldStack = (c: EngineTopCase): EngineTopVerdict | null => {
  const { clay, oldM } = c.stack
  const centre = clay.find((p) => Math.hypot(p.rightM, p.aheadM) < 0.02)
  if (oldM === null || centre === undefined) return null
  const off = oldM - centre.oldTopM
  const apart = Math.abs(off) > ADDS_UP_M
  return {
    ...plain,
    id: 'old-stack',
    title: apart ? 'Old stack does not add up' : 'Old stack adds up',
    state: apart ? 'caution' : 'ok',
    figureName: 'pieces together',
    figure: fig(oldM, 'bore', 1),
    limitName: 'height the clay lay at',
    limit: fig(centre.oldTopM, 'bore', 1),
    margin: fig(off, 'bore', 1),
    marginIs: 'apart',
    next: say`Measure the pieces and the height again`,
    reason: apart
      ? say`One of them is wrong, and the bonnet is known from it.`
      : say`Pieces by caliper and the whole by rule agree within ${fig(ADDS_UP_M, 'bore', 0)}.`,
    source: 'sum of the pieces',
  }
}

/** Does the engine still breathe through the new air cleaner? */
export const judgeAirCleaner = (c: EngineTopCase): EngineTopVerdict | null => {
  const { air, elementHeightM, entry } = c.stack
  if (entry.pieces.length === 0) return null
  const base = { ...plain, id: 'air-cleaner', source: 'air at full power; face velocity: rule of thumb' }
  if (air === null || elementHeightM === null)
    return {
      ...base,
      title: 'Air cleaner not measured',
      state: 'unknown',
      next: say`Enter diameter and height of the element`,
      reason: say`A low element throttles the engine at full power.`,
    }
  const limitMS = c.stack.faceLimitMS
  const byDrop = air.dropPa !== null && air.dropPa > MOST_DROP_PA
  const byFace = elementHeightM < air.leastHeightM * (1 - 1e-9)
  const lowestM = Math.max(air.leastHeightM, air.leastHeightByDropM ?? 0)
  return {
    ...base,
    title: byFace || byDrop ? 'Air cleaner too small' : 'Air cleaner large enough',
    state: byFace || byDrop ? 'caution' : 'ok',
    figureName: byDrop && !byFace ? 'restriction at full power' : 'air at the element',
    figure: byDrop && !byFace ? fig(air.dropPa!, 'vacuum', 2) : fig(air.faceMS, 'airSpeed', 1),
    limitName: 'at most',
    limit: byDrop && !byFace ? fig(MOST_DROP_PA, 'vacuum', 2) : fig(limitMS, 'airSpeed', 1),
    margin: byDrop && !byFace ? fig(MOST_DROP_PA - air.dropPa!, 'vacuum', 2) : fig(limitMS - air.faceMS, 'airSpeed', 1),
    reason: say`${fig(air.airM3S, 'airFlow')} at full power. The lowest element of this diameter is ${fig(lowestM, 'bore', 0)}.${air.dropPa === null ? '' : say` Restriction ${fig(air.dropPa, 'vacuum', 2)}, scaled from what was measured.`}`,
    workings: ['face-velocity'],
  }
}

/** Does the lid choke the mouth of the throttle body, and does a dropped base touch what lies under it? */
export const judgeDroppedBase = (c: EngineTopCase): EngineTopVerdict[] => {
  const { corners, entry, levels, nameOf, seatM } = c.stack
  if (entry.cleaner === 'remote' || seatM === null) return []
  const body = levels.findLast((l) => l.kind === 'throttle-body')
  const element = levels.findLast((l) => l.kind === 'element')
  const across = Math.max(entry.rimM ?? 0, entry.elementM ?? 0) / 2
  const under = corners
    .filter((p) => entry.points.some((x) => x.id === p.id) && Math.hypot(p.rightM, p.aheadM) < across)
    .map((p) => ({ id: p.id, gapM: seatM - p.topM }))
    .sort((a, b) => a.gapM - b.gapM)
  const [worst] = under
  const mouthM = body && element && body.toM !== null && element.toM !== null ? element.toM - body.toM : null
  return [
    ...(mouthM === null
      ? []
      : [
          {
            ...plain,
            id: 'mouth',
            title: mouthM < MOUTH_M ? 'Lid too close to the throttle body’s mouth' : 'Lid clear of the throttle body’s mouth',
            state: mouthM < MOUTH_M ? 'caution' : 'ok',
            figureName: 'lid above the mouth',
            figure: fig(mouthM, 'bore', 0),
            limitName: 'at least',
            limit: fig(MOUTH_M, 'bore', 0),
            margin: fig(mouthM - MOUTH_M, 'bore', 0),
            next: say`Less drop of the base, or a taller element`,
            reason: mouthM < MOUTH_M ? say`Air turns in there all round: the lid throttles it.` : say`Air turns in all round without being throttled.`,
            source: 'rule of thumb',
          } satisfies EngineTopVerdict,
        ]),
    ...(worst === undefined
      ? []
      : [
          {
            ...plain,
            id: 'base-under',
            title: worst.gapM < 0 ? `Base of the air cleaner sits on the ${midSentence(nameOf(worst.id))}` : worst.gapM < UNDER_BASE_M ? `Base of the air cleaner almost touches the ${midSentence(nameOf(worst.id))}` : 'Base of the air cleaner clear of what lies under it',
            state: worst.gapM < 0 ? 'stop' : worst.gapM < UNDER_BASE_M ? 'caution' : 'ok',
            figureName: 'gap under the base',
            figure: fig(worst.gapM, 'bore', 1),
            limitName: 'at least',
            limit: fig(UNDER_BASE_M, 'bore', 1),
            margin: fig(worst.gapM - UNDER_BASE_M, 'bore', 1),
            next: say`Less drop, a spacer under the base, or another way round for the throttle body`,
            reason: worst.gapM < UNDER_BASE_M ? say`A base that holds the throttle lever holds the throttle.` : say`Nearest is the ${midSentence(nameOf(worst.id))}.`,
            source: 'caliper; 3 mm: rule of thumb',
          } satisfies EngineTopVerdict,
        ]),
  ]
} // prettier-ignore

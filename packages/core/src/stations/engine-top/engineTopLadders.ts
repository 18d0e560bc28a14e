import { throttleRemedies, type ThrottleRemedy } from '../../engine-top/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { stackPiece, type BoltGroup, type EngineTopSection, type StackPiece } from '../../sections/index.ts'
import { fig, say, type Sentence, type Verdict } from '../../verdict/index.ts'
import type { Ladder, Trial } from '../station.ts'
import { DIVIDER_M } from './dividerPractices.ts'
import { engineTopCase, type EngineTopCase } from './engineTopCase.ts'
import { placesLadders } from './placesLadders.ts'

type Stack = EngineTopSection['stack']
const RAD = Math.PI / 180
const STEP_M = 0.005
const LEAST_ELEMENT_M = 0.03
const MOST_ELEMENT_M = 0.36
const DROPS_M = [0.01, 0.015, 0.02, 0.025, 0.03, 0.035, 0.04]
const WASHERS_M = [0.0015, 0.002, 0.0025, 0.003, 0.004, 0.005]

const topped = (label: Sentence, engineTop: Partial<EngineTopSection>): Trial => ({ label, change: { engineTop } })

/** Figures that a hand can set: a tenth of a millimetre, half a degree. */
const toTenthMm = (m: number): number => Math.round(m * 1e4) / 1e4
/** From straight up, 0 to 360, to a tenth of a degree. */
const clockDeg = (rad: number): number => (Math.round((((rad / RAD) % 360) + 360) * 10) / 10) % 360
const toHalfDeg = (deg: number): number => Math.round(deg * 2) / 2

/** Lower and wider things under the bonnet, in the order in which they are tried. */
const bonnetLadders = (c: EngineTopCase): Ladder[] => {
  const { entry, air } = c.stack
  const stacked = (label: Sentence, change: Partial<Stack>): Trial => topped(label, { stack: { ...entry, ...change } })
  const withPiece = (kind: StackPiece['kind'], heightM: number): Pick<Stack, 'pieces'> => ({
    pieces: entry.pieces.map((p) => (p.kind === kind ? { ...p, heightM } : p)),
  })
  const base = entry.pieces.find((p) => p.kind === 'base')
  const element = entry.pieces.find((p) => p.kind === 'element')
  const spacers = entry.pieces.filter((p) => p.kind === 'spacer')
  const pad = entry.pieces.find((p) => p.kind === 'pad')
  const cures = ['bonnet']
  return [
    {
      id: 'base',
      cures,
      trials: () =>
        base === undefined || base.heightM === null || entry.cleaner === 'remote'
          ? []
          : DROPS_M.filter((m) => -m < base.heightM! - 1e-9).map((m) =>
              stacked(say`Base of the air cleaner dropped by ${fig(m, 'bore', 0)}`, withPiece('base', -m)),
            ),
    },
    {
      id: 'element',
      cures,
      *trials() {
        if (!element || element.heightM === null || air === null || entry.elementM === null || entry.cleaner === 'remote') return
        // The same air through a lower face takes a wider one.
        const areaM2 = air.leastHeightM * entry.elementM
        for (let h = element.heightM - STEP_M; h >= LEAST_ELEMENT_M - 1e-9; h -= STEP_M) {
          const wideM = Math.max(entry.elementM, Math.ceil((areaM2 / h) * 200) / 200)
          if (wideM > MOST_ELEMENT_M) return
          const rimM = Math.max(entry.rimM ?? 0, entry.elementM) + (wideM - entry.elementM)
          yield stacked(
            say`Element ${fig(toTenthMm(h), 'bore', 0)} high, ${fig(wideM, 'bore', 0)} across`,
            { ...withPiece('element', toTenthMm(h)), elementM: wideM, rimM },
          )
        }
      },
    },
    {
      id: 'spacer',
      cures,
      *trials() {
        const heightM = spacers.reduce((s, p) => s + (p.heightM ?? 0), 0)
        for (let h = heightM - STEP_M; h > -1e-9; h -= STEP_M) {
          const to = Math.max(0, toTenthMm(h))
          const pieces =
            to === 0
              ? entry.pieces.filter((p) => p.kind !== 'spacer')
              : entry.pieces.flatMap((p) => (p.kind !== 'spacer' ? [p] : p === spacers[0] ? [{ ...p, heightM: to }] : []))
          yield stacked(to === 0 ? say`No spacer` : say`Spacer of ${fig(to, 'bore', 0)}`, { pieces })
        }
      },
    },
    {
      id: 'remote',
      cures,
      trials: () =>
        entry.cleaner === 'on-top' && element !== undefined
          ? [stacked(say`Remote air cleaner, through an elbow and a duct`, { cleaner: 'remote' })]
          : [],
    },
    {
      id: 'manifold',
      cures,
      *trials() {
        if (entry.lowerPadM === null) return
        const now = pad?.heightM ?? 0
        for (let m = STEP_M; m <= entry.lowerPadM + 1e-9; m += STEP_M) {
          if (-m >= now - 1e-9) continue
          const lower = { ...(pad ?? stackPiece('lower-pad', 'pad')), heightM: -toTenthMm(m) }
          const pieces = pad ? entry.pieces.map((p) => (p === pad ? lower : p)) : [lower, ...entry.pieces]
          yield stacked(say`Another manifold, its pad ${fig(m, 'bore', 0)} lower`, { pieces })
        }
      },
    },
    {
      id: 'less-drop',
      cures: ['mouth', 'base-under'],
      trials: () =>
        base === undefined || base.heightM === null
          ? []
          : DROPS_M.filter((m) => -m > base.heightM!)
              .reverse()
              .concat(0)
              .map((m) => stacked(say`Base dropped by ${fig(m, 'bore', 0)} only`, withPiece('base', -m))),
    },
    {
      id: 'larger-element',
      cures: ['air-cleaner', 'mouth'],
      *trials() {
        if (!element || element.heightM === null || air === null) return
        const least = Math.max(air.leastHeightM, air.leastHeightByDropM ?? 0)
        for (let h = element.heightM + STEP_M; h <= Math.max(least, element.heightM) + 0.04; h += STEP_M)
          yield stacked(say`Element ${fig(toTenthMm(h), 'bore', 0)} high`, withPiece('element', toTenthMm(h)))
      },
    },
    {
      id: 'facing',
      cures: ['sides', 'lever-side', 'base-under'],
      trials: () =>
        ([0, 90, 180, 270] as const)
          .filter((deg) => deg !== entry.facingDeg)
          .map((deg) =>
            stacked(deg === 0 ? say`Throttle body facing ahead` : say`Throttle body turned by ${fig(deg, 'angle', 0)} clockwise`, { facingDeg: deg }),
          ),
    },
    {
      id: 'angled-end',
      cures: ['sides'],
      trials: () => {
        const [w] = c.stack.gaps
        const point = entry.points.find((p) => p.id === w?.point)
        return point && point.end === 'straight' && point.angledReachM !== null
          ? [stacked(say`Angled end at “${point.name}”`, { points: entry.points.map((p) => (p === point ? { ...p, end: 'angled' } : p)) })]
          : []
      },
    },
  ]
} // prettier-ignore

const dividerLadders = (c: EngineTopCase): Ladder[] => {
  const { entry } = c.stack
  const free = (n = 1): string => (entry.pieces.some((p) => p.id === `open-spacer-${n}`) ? free(n + 1) : `open-spacer-${n}`)
  const lifted = (): readonly StackPiece[] => {
    const own = entry.pieces.find((p) => p.kind === 'spacer')
    if (own) return entry.pieces.map((p) => (p === own ? { ...p, heightM: DIVIDER_M } : p))
    const at = entry.pieces.findIndex((p) => !['pad', 'gasket'].includes(p.kind))
    const place = at < 0 ? entry.pieces.length : at
    return [...entry.pieces.slice(0, place), stackPiece(free(), 'spacer', DIVIDER_M), ...entry.pieces.slice(place)]
  }
  return [
    {
      id: 'open-spacer',
      cures: ['divider'],
      trials: () =>
        entry.pieces.length === 0
          ? []
          : [
              topped(say`Open spacer of ${fig(DIVIDER_M, 'bore', 0)} above the divider`, {
                stack: { ...entry, pieces: lifted() },
                manifold: { ...c.top.manifold, divider: 'spacer' },
              }),
            ],
    },
    {
      id: 'cut',
      cures: ['divider'],
      trials: () => [
        topped(say`Divider cut down by ${fig(DIVIDER_M, 'bore', 0)}`, {
          manifold: { ...c.top.manifold, divider: 'cut', cutM: DIVIDER_M },
        }),
      ],
    },
    {
      id: 'held-by-grease',
      cures: ['gasket-hold'],
      trials: () => [
        topped(say`Gaskets held by a smear of grease`, { manifold: { ...c.top.manifold, gasketHeld: 'grease' } }),
      ],
    },
  ]
} // prettier-ignore

const boltLadders = (c: EngineTopCase): Ladder[] => {
  const of = (v: Verdict) => c.bolts[v.subject?.sensor ?? -1]
  const withGroup = (label: Sentence, group: BoltGroup, change: Partial<BoltGroup>): Trial =>
    topped(label, { bolts: c.top.bolts.map((g) => (g.id === group.id ? { ...g, ...change } : g)) })
  return [
    {
      id: 'bolt-length',
      cures: ['bolt'],
      trials: (v) => {
        const b = of(v)
        const lengthM = b?.toBuy?.fit?.lengthM
        return b && lengthM !== undefined && lengthM !== b.group.lengthM
          ? [withGroup(say`Bolts of ${fig(lengthM, 'bore', 1)} under the head`, b.group, { lengthM })]
          : []
      },
    },
    {
      id: 'washer',
      cures: ['bolt'],
      trials: (v) => {
        const b = of(v)
        const fit = b?.answer?.fit ?? b?.answer
        return b && fit !== undefined && (b.answer?.fit === null || b.answer?.fit?.bottoms === true)
          ? WASHERS_M.map((m) => withGroup(say`Hardened washer of ${fig((b.group.washerM ?? 0) + m, 'bore', 1)} under the head`, b.group, { washerM: (b.group.washerM ?? 0) + m }))
          : []
      },
    },
    {
      id: 'sealant',
      cures: ['bolt'],
      trials: (v) => {
        const b = of(v)
        return b?.answer?.sealant && b.group.sealed !== true
          ? [withGroup(say`Seal the thread: ${b.answer.sealant}`, b.group, { sealed: true, state: 'thread sealant' })]
          : []
      },
    },
    {
      id: 'torque-on-sealant',
      cures: ['bolt'],
      trials: (v) => {
        const b = of(v)
        return b && b.group.sealed === true && b.group.state === 'dry'
          ? [withGroup(say`Torque for a thread on sealant`, b.group, { state: 'thread sealant' })]
          : []
      },
    },
  ]
} // prettier-ignore

const CHANGE_WORDS = {
  'driven arm': 'Arm on the plate side',
  'driver arm': 'Arm on the pedal side',
  'driven ball': 'Ball on the plate side set at',
  'driver ball': 'Ball on the pedal side set at',
  'rod length': 'Rod',
} as const

const throttleTrial = (c: EngineTopCase, r: ThrottleRemedy): Trial => {
  const { throttle } = c.top
  const entry = throttle.links[r.link]!
  const link = r.then.links[r.link]!
  const rodM = Number.isFinite(r.rodM) ? toTenthMm(r.rodM) : null
  const driver = { ...entry.driver, armM: toTenthMm(link.driver.armM), restDeg: clockDeg(link.driver.restRad) }
  const driven =
    link.kind === 'rod'
      ? { ...entry.driven, armM: toTenthMm(link.driven.armM), restDeg: clockDeg(link.driven.restRad) }
      : entry.driven
  // A rod that is made to fit joins both levers at rest; one that is set longer or shorter is a length.
  const changed = { ...entry, driver, driven, rodM: r.change === 'rod length' ? rodM : null }
  const figure = r.change === 'driver ball' ? fig(driver.restDeg, 'clock', 0) : r.change === 'driven ball' ? fig(driven.restDeg ?? 0, 'clock', 0) : r.change === 'rod length' ? fig(rodM ?? 0, 'bore', 0) : fig(toTenthMm(r.to), 'bore', 0)
  return topped(
    say`${CHANGE_WORDS[r.change]} ${figure}${c.top.throttle.links.length > 1 ? ` (${entry.name})` : ''}${r.change === 'rod length' || rodM === null ? '' : say`, rod ${fig(rodM, 'bore', 0)}`}`,
    {
      throttle: {
        ...throttle,
        pedalDeg: r.change === 'rod length' ? toHalfDeg(r.then.pedalRad / RAD) : throttle.pedalDeg,
        links: throttle.links.map((l, i) => (i === r.link ? changed : l)),
      },
    },
  )
} // prettier-ignore

/** Opening that is wanted with the pedal on its stop. */
const WANTED_SHARE = 0.995

const throttleLadders = (c: EngineTopCase): Ladder[] => {
  const { throttle } = c.top
  const { answer, kickdown, solved } = c.throttle
  let sought: readonly ThrottleRemedy[] | null = null
  const remedies = () => (sought ??= solved ? throttleRemedies(solved) : [])
  const cures = ['full-throttle', 'binds', 'pedal-stop']
  const kick = (label: Sentence, change: Partial<EngineTopSection['throttle']['kickdown']>): Trial =>
    topped(label, { throttle: { ...throttle, kickdown: { ...throttle.kickdown, ...change } } })
  const closed = throttle.kickdown.wantsClosedM
  return [
    {
      id: 'pedal-stop',
      cures: ['pedal-stop'],
      trials: () => {
        if (!answer || !solved || answer.share <= 1) return []
        const last = answer.points.findLast((p) => p.plateRad <= WANTED_SHARE * solved.plateRad)
        return last ? [topped(say`Pedal stop at ${fig(toHalfDeg(last.pedalRad / RAD), 'angle', 1)} of travel`, { throttle: { ...throttle, pedalDeg: toHalfDeg(last.pedalRad / RAD) } })] : []
      },
    },
    ...(['driven arm', 'driver arm', 'driven ball', 'driver ball', 'rod length'] as const).map((change): Ladder => ({
      id: change.replace(' ', '-'),
      cures,
      trials: () => remedies().filter((r) => r.change === change).map((r) => throttleTrial(c, r)),
    })),
    {
      id: 'slack',
      cures: ['slack'],
      trials: () => [topped(say`Take up the slack`, { throttle: { ...throttle, slackM: 0 } })],
    },
    {
      id: 'kickdown-arm',
      cures: ['kickdown'],
      // Set right, the pressure is still to be proved.
      betterIsEnough: true,
      trials: () =>
        kickdown?.armM && closed !== null
          ? [kick(say`Arm of ${fig(toTenthMm(kickdown.armM), 'bore', 1)} for the gearbox cable, closed end set right`, { armM: toTenthMm(kickdown.armM), closedM: closed })]
          : [],
    },
    {
      id: 'kickdown-angle',
      cures: ['kickdown'],
      // Set right, the pressure is still to be proved.
      betterIsEnough: true,
      trials: () =>
        kickdown?.restRad && closed !== null
          ? [kick(say`Lever for the gearbox cable set at ${fig(toHalfDeg(kickdown.restRad / RAD), 'angle', 1)}, closed end set right`, { restDeg: toHalfDeg(kickdown.restRad / RAD), closedM: closed })]
          : [],
    },
  ]
} // prettier-ignore

/** Changes worth trying at the engine top. */
export const engineTopLadders = (job: JobDocument): readonly Ladder[] => {
  const c = engineTopCase(job)
  return [...bonnetLadders(c), ...dividerLadders(c), ...boltLadders(c), ...throttleLadders(c), ...placesLadders(c)]
}

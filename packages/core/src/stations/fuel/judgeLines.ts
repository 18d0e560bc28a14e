import type { FuelDesign } from './fuelDesign.ts'
import { type LineName } from '../../sections/index.ts'
import { fig, say, worstFirst, type Sentence, type VerdictState, plain } from '../../verdict/index.ts'
import { loadOf } from './linesOfJob.ts'
import { fittingUnfit, hoseUnfit } from '../../fuel/lines/hoseFitness.ts'
import { HEAT_GAP_M, hoseOfLeg, legLengthsM } from '../../fuel/lines/legs.ts'
import { wholeLineM } from './lineOfDesign.ts'
import { linesInUse } from './linesOfJob.ts'
import { oldTubeMostPa } from '../../fuel/lines/oldTube.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'

const TOO_NEAR_M = 0.05

interface Finding {
  readonly state: VerdictState
  readonly where: string
  readonly why: Sentence
}

/** What is wrong with the legs of a line: hose, fittings, bends, heat and motion. */
const findingsOfLine = (design: FuelDesign, name: LineName): Finding[] => {
  const line = design.fuel[name]
  const load = loadOf(design, name)
  const lengths = legLengthsM(line.legs, wholeLineM(design, name))
  return line.legs.flatMap((leg, i): Finding[] => {
    const where = `${name}, ${leg.name}`
    const hose = hoseOfLeg(line, leg)
    const found: Finding[] = []
    const add = (state: VerdictState, why: Sentence) => found.push({ state, where, why })
    if (leg.lengthM === null) add('unknown', say`Not measured yet: ${fig(lengths[i]!, 'distance', 1)} is assumed.`)
    if (!hose) {
      if (line.measuredBoreM === null) add('unknown', say`No hose or tube chosen.`)
    } else if (load) {
      const unfit = hoseUnfit(hose, load)
      if (unfit) add(unfit.state, unfit.why)
      for (const end of [leg.start, leg.end]) {
        const bad = end && fittingUnfit(end, hose, load)
        if (bad) add(bad.state, bad.why)
      }
    }
    if (hose && leg.moves === 'inside' && hose.kind !== 'hard-tube' && hose.immersible !== true)
      add('stop', say`${hose.name} is not rated for use in fuel: it swells from outside and drops off its barb.`)
    if (hose?.leastBendRadiusM && leg.bendRadiusM !== null && leg.bendRadiusM < hose.leastBendRadiusM)
      add(
        'caution',
        say`A bend of ${fig(leg.bendRadiusM, 'bore')} kinks ${hose.name}, which needs ${fig(hose.leastBendRadiusM, 'bore')}: use an angled fitting.`,
      )
    if (hose?.kind === 'hard-tube' && leg.moves !== 'no' && leg.moves !== 'inside')
      add('caution', say`Hard tube between parts that move work-hardens and cracks: use hose here.`)
    if (leg.exhaustGapM !== null && leg.exhaustGapM < TOO_NEAR_M)
      add('stop', say`Only ${fig(leg.exhaustGapM, 'bore')} from the exhaust: reroute it, a sleeve is not enough.`)
    else if (leg.exhaustGapM !== null && leg.exhaustGapM < HEAT_GAP_M && !leg.sleeved)
      add(
        'caution',
        say`${fig(leg.exhaustGapM, 'bore')} from the exhaust: sleeve it, or keep it at ${fig(HEAT_GAP_M, 'bore')}.`,
      )
    if (leg.nearMotion)
      add('caution', say`Runs near something that moves: clip it clear and check both ends of the travel.`)
    return found
  })
}

/** Hoses, ends and routing of every line that is described leg by leg. */
export const judgeLegs = ({ design }: FuelCase): FuelVerdict | null => {
  const lines = linesInUse(design)
  const legs = lines.reduce((n, l) => n + design.fuel[l].legs.length, 0)
  if (legs === 0) return null
  const found = worstFirst(lines.flatMap((l) => findingsOfLine(design, l)))
  const [worst, ...others] = found
  const more = others.filter((f) => f.state !== 'ok').length
  return {
    ...plain,
    id: 'legs',
    title: worst ? `Line: ${worst.where}` : 'Hoses, ends and routing',
    state: worst?.state ?? 'ok',
    figureName: 'legs described',
    figure: fig(legs, 'count'),
    reason: worst
      ? say`${worst.why}${more > 0 ? ` And ${more} more: see the lines.` : ''}`
      : say`Every leg has a hose rated for its pressure and fuel, fittings that suit it, and a route clear of heat and moving parts.`,
    source: 'makers’ ratings; distances: rules of thumb',
  }
}

/** All findings, for the sheet of the lines. */
export const lineFindings = (design: FuelDesign): readonly (Finding & { readonly line: LineName })[] =>
  linesInUse(design).flatMap((line) => findingsOfLine(design, line).map((f) => ({ ...f, line })))

/** May the car's own hard line stay? */
export const judgeOldLine = ({ design }: FuelCase): FuelVerdict | null => {
  const { keeps, outsideM, wallM, joints, provedPa } = design.fuel.oldLine
  if (!keeps) return null
  const load = loadOf(design, keeps)
  if (!load) return null
  const base = { ...plain, id: 'old-line', title: `The old ${keeps} line`, workings: ['old-line'] }
  const needPa = keeps === 'feed' ? load.mostPa : design.figure('fuel.setPressurePa')
  if (needPa === null)
    return {
      ...base,
      workings: [],
      state: 'stop',
      reason: say`This pump’s shut-off pressure is not known: a roller or gerotor pump builds pressure until something gives. Enter its relief valve before you trust an old line with it.`,
      source: 'the pump’s data sheet',
    }
  const soft = joints === 'hose-and-clip' || joints === 'soldered'
  if (soft)
    return {
      ...base,
      workings: [],
      state: 'stop',
      reason: say`Its joints are ${joints === 'soldered' ? 'soldered' : 'hose on plain tube with clips'}: they blow apart at injection pressure. Flare the ends or run a new line.`,
      source: 'trade practice',
    }
  if (design.oldLines.condition === 'rusty' && provedPa === null)
    return {
      ...base,
      workings: [],
      state: 'stop',
      reason: say`The walk-around found it rusty. Nobody can see how much wall is left: run a new one.`,
      source: 'trade practice',
    }
  if (outsideM === null || wallM === null)
    return {
      ...base,
      workings: [],
      state: 'unknown',
      reason: say`Measure its outside diameter and, at a cut end, its wall thickness.`,
      source: 'Barlow',
    }
  const mostPa = oldTubeMostPa(outsideM, wallM)
  const weak = mostPa < needPa
  const proved = provedPa !== null && provedPa >= 1.5 * needPa
  return {
    ...base,
    state: weak ? 'stop' : proved ? 'ok' : 'caution',
    figureName: 'rated, by its wall',
    figure: fig(mostPa, 'pressure', 0),
    limitName: keeps === 'feed' ? 'pump shut-off' : 'set pressure',
    limit: fig(needPa, 'pressure', 0),
    margin: fig(mostPa - needPa, 'pressure', 0),
    reason: weak
      ? say`Allowing for rust, its wall will not take the pump’s shut-off pressure.`
      : proved
        ? say`It held ${fig(provedPa, 'pressure', 0)} in a water test, more than one and a half times what it can see. Its rough bore is counted in the pressure drop.`
        : say`Its wall would do. Test it before fuel goes in: fill it with water, pump it up to ${fig(1.5 * needPa, 'pressure', 0)} for five minutes with no fall, then dry it.${joints === 'compression' ? ' Remake its compression joints with new olives.' : ''}`,
    source: 'Barlow with 0.2 mm for rust; test at 1.5 times: rule of thumb',
  }
}

/** Bare metal of the tank against the fuel. */
export const judgeTankLining = ({ design }: FuelCase): FuelVerdict | null => {
  const { lining } = design.tank
  const share = design.figure('fuel.ethanolShare')
  const bare = lining === 'terne' || lining === 'aluminium'
  if (!bare || share <= 0.1) return null
  return {
    ...plain,
    id: 'tank-lining',
    title: 'Tank material compatibility',
    state: 'stop',
    figureName: 'ethanol',
    figure: fig(share, 'share'),
    limitName: 'bare metal takes',
    limit: fig(0.1, 'share'),
    margin: null,
    reason:
      lining === 'terne'
        ? say`The tank is terne coated: above a tenth ethanol the lead and tin dissolve and block the injectors. Reline it, fit a new tank, or use fuel with less.`
        : say`Bare aluminium corrodes in fuel with this much ethanol: line it, or use fuel with less.`,
    source: 'trade practice',
  }
}

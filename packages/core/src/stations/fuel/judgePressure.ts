import { fig, say, type Sentence, type VerdictState } from '../../verdict/index.ts'
import { mostHeldDemandM3S, railWithFallingDemandPa } from '../../fuel/limits.ts'
import { feedSinking, SINKING_ALLOWED } from '../../fuel/feedSinking.ts'
import { elementDropPa } from '../../fuel/elementLoss.ts'
import type { FuelCase, FuelVerdict, SolvedPoint } from './solvedPoint.ts'

/** Demand to spare that is wanted above the engine's; 15-20 % is usual. Rule of thumb. */
export const WANTED_RESERVE = 0.15
/** Share of the set pressure that should stay free behind the regulator. Rule of thumb of this house. */
const WANTED_HEADROOM = 0.1

const least = <T>(items: readonly T[], by: (item: T) => number): T | null =>
  items.reduce<T | null>((best, item) => (best === null || by(item) < by(best) ? item : best), null)

const lossesOnTheWayPa = ({ answer }: SolvedPoint): number =>
  (answer.strainerDropPa ?? 0) + (answer.filterDropPa ?? 0) + (answer.feedDropPa ?? 0)

/** Does the pump side hold the set pressure at every demand, with reserve? Judged where the reserve is least. */
export const judgeHeld = ({ solved }: FuelCase): FuelVerdict | null => {
  const drawing = solved.filter((s) => s.point.demandM3S > 0)
  const reserveOf = (s: SolvedPoint) => mostHeldDemandM3S(s.circuit) / s.point.demandM3S - 1
  const worst = least(drawing, reserveOf)
  if (!worst) return null
  const reserve = reserveOf(worst)
  const mostM3S = mostHeldDemandM3S(worst.circuit)
  const { answer, point } = worst
  const state: VerdictState = reserve < 0 ? 'stop' : reserve < WANTED_RESERVE ? 'caution' : 'ok'
  return {
    id: 'held',
    title: `${{ stop: 'Pressure not maintained', caution: 'Pressure barely maintained', ok: 'Pressure maintained', unknown: '' }[state]}: ${point.label.toLowerCase()}`,
    state,
    figureName: 'maximum demand met',
    figure: fig(mostM3S, 'volumeFlow'),
    limitName: state === 'stop' ? 'engine uses' : `engine uses + ${WANTED_RESERVE * 100} %`,
    limit: fig(state === 'stop' ? point.demandM3S : point.demandM3S * (1 + WANTED_RESERVE), 'volumeFlow'),
    margin: fig(reserve, 'share'),
    reason: reserve < 0 ? reasonNotHeld(worst, mostM3S) : reasonHeld(worst, mostM3S, reserve),
    source: answer.state === 'starved' ? 'solved circuit: starved' : 'solved circuit; reserve of 15 %: rule of thumb',
    pointId: point.id,
    workings: ['demand', 'pump', 'feed', 'rail'],
  }
}

const reasonHeld = ({ point }: SolvedPoint, mostM3S: number, reserve: number): Sentence =>
  reserve < WANTED_RESERVE
    ? say`At ${fig(point.voltageV, 'voltage')} it maintains pressure up to ${fig(mostM3S, 'volumeFlow')}, only ${fig(reserve, 'share')} more than the engine uses: a hot pump or a filter due for change would use that up.`
    : say`At ${fig(point.voltageV, 'voltage')} it maintains pressure up to ${fig(mostM3S, 'volumeFlow')}: ${fig(reserve, 'share')} more than the engine uses.`

const reasonNotHeld = (s: SolvedPoint, mostM3S: number): Sentence => {
  const { answer, circuit, point } = s
  const settled = railWithFallingDemandPa(circuit, point.tipPa)
  const dpSet = answer.effectiveSetPa - point.tipPa
  const lean = settled === null ? null : 1 - Math.sqrt(Math.max(0, settled - point.tipPa) / dpSet)
  const outcome =
    answer.railPa === null
      ? say`At full demand rail pressure would fall to nothing`
      : say`At full demand rail pressure falls to ${fig(answer.railPa, 'pressure')}`
  const mixture =
    lean === null || settled === null
      ? say`.`
      : say`; as the injectors then flow less, it settles near ${fig(settled, 'pressure')} with the mixture about ${fig(lean, 'share', 1)} lean.`
  const why =
    answer.cause === 'line'
      ? say`The pump could do it, but strainer, filter and feed drop ${fig(lossesOnTheWayPa(s), 'pressure')} at this flow.`
      : say`At ${fig(point.voltageV, 'voltage')} the pump delivers ${fig(mostM3S, 'volumeFlow')} at set pressure and the engine uses ${fig(point.demandM3S, 'volumeFlow')}.`
  return say`${why} ${outcome}${mixture}`
}

/** Is the rail free to stand at the set pressure, or do return line and regulator lift it? Judged where it is tightest. */
export const judgeNotLifted = ({ solved, design }: FuelCase): FuelVerdict | null => {
  const behindPa = ({ answer, circuit }: SolvedPoint) =>
    (answer.regulatorBackPa ?? 0) + elementDropPa(circuit.regulator.fullOpen, answer.returnFlowM3S)
  const shareOf = (s: SolvedPoint) => behindPa(s) / s.answer.effectiveSetPa
  const injecting = solved.filter((s) => s.point.demandM3S > 0)
  const liftedRunning = injecting.some((s) => s.answer.state === 'lifted')
  // Where the rail is lifted while the injectors work, that is the point to show; else the tightest of all.
  const worst = least(liftedRunning ? injecting : solved, (s) => -shareOf(s))
  if (!worst) return null
  const { answer, point, circuit } = worst
  const pressed = behindPa(worst)
  const setPa = answer.effectiveSetPa
  const lifted = answer.state === 'lifted'
  const state: VerdictState = liftedRunning ? 'stop' : lifted || shareOf(worst) > 1 - WANTED_HEADROOM ? 'caution' : 'ok'
  const openPa = elementDropPa(circuit.regulator.fullOpen, answer.returnFlowM3S)
  const parts = say`return line ${fig(answer.regulatorBackPa ?? 0, 'pressure')}, regulator wide open ${fig(openPa, 'pressure')}`
  const back = fig(answer.returnFlowM3S, 'volumeFlow')
  const rich = Math.sqrt(Math.max(0, (answer.regulatedPa ?? setPa) - point.tipPa) / (setPa - point.tipPa)) - 1
  const culprit =
    answer.cause === 'regulator'
      ? 'the regulator itself is too small: another return line alone will not fix it'
      : 'the return line is too small'
  const reason = liftedRunning
    ? say`${back} are returned and need ${fig(pressed, 'pressure')} of back pressure (${parts}): ${culprit}. The mixture is about ${fig(rich, 'share', 1)} rich and no adjustment can bring rail pressure down.`
    : lifted
      ? say`Only with the fuel cut: ${back} are returned and need ${fig(pressed, 'pressure')} (${parts}); ${culprit}. The first injections after overrun are rich.`
      : state === 'caution'
        ? say`${back} are returned and need ${fig(pressed, 'pressure')} of the set pressure (${parts}): little is left for a colder day or a kinked hose.`
        : say`${back} are returned and need ${fig(pressed, 'pressure')} (${parts}); the regulator stays in control.`
  return {
    id: 'not-lifted',
    title: lifted
      ? `Rail pressure too high: ${point.label.toLowerCase()}`
      : state === 'caution'
        ? `Rail pressure nearly too high: ${point.label.toLowerCase()}`
        : 'Return line OK',
    state,
    figureName: 'return-line back pressure',
    figure: fig(pressed, 'pressure'),
    limitName: 'set pressure',
    limit: fig(setPa, 'pressure'),
    margin: fig(setPa - pressed, 'pressure'),
    reason,
    source: 'solved circuit; headroom of 10 %: rule of thumb',
    pointId: point.id,
    workings: design.loop === 'return' ? ['pump', 'return', 'rail'] : ['pump', 'rail'],
  }
}

/**
 * Single line: how far the rail sinks from idle to full load below a held tank module. Judged by the losses alone, so
 * that it also speaks where the feed takes everything and no rail pressure exists.
 */
export const judgeFeedLoss = ({ solved, design }: FuelCase): FuelVerdict | null => {
  if (design.loop !== 'single-line') return null
  const idle = solved.find((s) => s.point.id === 'idle')
  const full = solved.find((s) => s.point.id === 'full')
  if (!idle || !full) return null
  const { fallPa, railFullPa, setPa, state } = feedSinking(idle.circuit, full.circuit)
  const limitPa = SINKING_ALLOWED * setPa
  const nothingLeft = railFullPa <= 0
  return {
    id: 'feed-loss',
    title: nothingLeft
      ? 'Feed line drops all the pressure at full load'
      : 'Rail pressure falls between idle and full load',
    state,
    figureName: 'falls by',
    figure: fig(fallPa, 'pressure'),
    limitName: `${SINKING_ALLOWED * 100} % of the set pressure`,
    limit: fig(limitPa, 'pressure'),
    margin: fig(limitPa - fallPa, 'pressure'),
    reason: nothingLeft
      ? say`The regulator at the tank may hold, but feed and filter would drop ${fig(fallPa, 'pressure')} of the ${fig(setPa, 'pressure')} at full load: nothing is left at the rail.`
      : say`The regulator sits at the tank, so the drop of feed and filter is lost at the rail: ${fig(railFullPa, 'pressure')} is left of ${fig(setPa, 'pressure')} at full load.`,
    source: 'solved losses; 4 % of pressure is 2 % of mixture: rule of thumb',
    pointId: 'full',
    workings: ['demand', 'feed', 'rail'],
  }
}

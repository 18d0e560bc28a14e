import {
  acceptanceOf,
  boresToBuy,
  candidatesFor,
  type Catalogue,
  chargingOf,
  choiceOf,
  chosenSpots,
  compareLoops,
  CONDITIONS,
  consequencesOf,
  crankOdds,
  entriesOf,
  cutListOf,
  derivedOf,
  designOf,
  DEVICES,
  diagramsOf,
  dividerOdds,
  ENGINE_TOP_WORKINGS,
  engineTopCase,
  engineTopCautions,
  engineTopWorking,
  entriesFor,
  EXHAUST_WORKINGS,
  exhaustCase,
  exhaustCautions,
  exhaustWorking,
  explainInputError,
  factsOnPapers,
  figureText,
  fitnessOf,
  freeSpotsFor,
  fuelCase,
  fuelCautions,
  fuelWorking,
  fusePlanOf,
  heatAtSpot,
  ignitionOdds,
  injectorSetsOf,
  isSolved,
  type JobDocument,
  judgedSpotOf,
  keyedFind,
  layOutDiagram,
  leakPlan,
  leakTestOf,
  leftOutFor,
  lineFindings,
  linkagePose,
  moduleFitOf,
  oddsOfJob,
  openPointsOf,
  orderItems,
  partsOfEngineTop,
  partsOfExhaust,
  partsOfFuel,
  partsOfJob,
  partsOfPower,
  permissionOf,
  portMapOf,
  POWER_WORKINGS,
  powerCase,
  powerWorking,
  pressureLever,
  pressureProfile,
  primeOf,
  proofTestsOf,
  purchasesOf,
  readinessOf,
  repairsFirst,
  risksOf,
  rotorMarks,
  sectionOf,
  senderOf,
  sensedErrors,
  sensorAdvice,
  type Sentence,
  sentenceText,
  solvePoint,
  spreadInputsOf,
  starvationOf,
  stagesOf,
  STATION_LIST,
  steeringDoubts,
  stepsOfEngineTop,
  stillToMeasure,
  stopTable,
  surveyOf,
  templateOfJob,
  templateSvg,
  terminalsFor,
  voltsOfDevice,
  weeksAtRest,
  WORKING_IDS,
} from '@lochmoor/core'
import { STATION_SHEETS } from '../sheets/stationSheets.ts'

/** Everything that a station makes of a job beside its judgement, by name. Whatever it gives back is looked through. */
export type Derived = Readonly<Record<string, (job: JobDocument, catalogue: Catalogue) => unknown>>

/** Texts that a sheet has written, in the order of writing. */
const sheetWords = (id: keyof typeof STATION_SHEETS) => async (job: JobDocument, catalogue: Catalogue) => {
  const said: string[] = []
  const head = { workshop: 'Shop', madeAt: new Date(0), version: 'v', inEnglish: (t: string) => (said.push(t), t) }
  const bytes = await STATION_SHEETS[id]!(job, catalogue, head, 'a4', {})
  return [bytes.length > 1000 ? 'a paper' : 'NaN: no paper', ...said]
}

export const DERIVED: Derived = {
  ...Object.fromEntries(
    STATION_LIST.map((s) => [`${s.id}: assessment`, (j: JobDocument, c: Catalogue) => s.assess(j, c)]),
  ),
  ...Object.fromEntries(STATION_LIST.map((s) => [`${s.id}: parts`, (j: JobDocument) => s.parts?.(j)])),
  ...Object.fromEntries(STATION_LIST.map((s) => [`${s.id}: cautions`, (j: JobDocument) => s.cautions(j)])),
  ...Object.fromEntries(
    Object.keys(STATION_SHEETS).map((id) => [`${id}: sheet`, sheetWords(id as keyof typeof STATION_SHEETS)]),
  ),
  readiness: (j, c) => readinessOf(j, c),
  'open points': (j, c) => openPointsOf(j, c),
  'all entries': (j) => entriesOf(j, {}),
  'walk-around: survey': (j) => [surveyOf(j, {}), factsOnPapers(j, {}), acceptanceOf(j)],
  'system: stages': (j) => stagesOf(j),
  purchases: (j) => purchasesOf(j),
  'walk-around: derived': (j) => derivedOf(j),
  'walk-around: fitness': (j) => [fitnessOf(j), repairsFirst(j)],
  'walk-around: still to measure': (j) => [stillToMeasure(j), entriesFor(j)].map((l) => l.map((e) => e.label)),
  'system: candidates': (j, c) =>
    candidatesFor(j, c.controllers).map((a) => [consequencesOf(j, a.architecture), risksOf(j, a.architecture), leftOutFor(j, a.architecture), terminalsFor(j, a.architecture)]), // prettier-ignore
  'fuel: workings': (j) => {
    const c = fuelCase(j)
    return c.engine.points.flatMap((point) => WORKING_IDS.map((id) => fuelWorking(c.design, c.engine, point, id)))
  },
  'fuel: profiles': (j) => {
    const c = fuelCase(j)
    return c.engine.points.map((p) => solvePoint(c.design, p)).flatMap((s) => (isSolved(s) ? [pressureProfile(s), spreadInputsOf(c.design, s)] : [])) // prettier-ignore
  },
  'fuel: cut list': (j) => {
    const list = cutListOf(designOf(j))
    return list.ok ? list.value : list.error.map(explainInputError)
  },
  'fuel: lines': (j) => lineFindings(designOf(j)),
  'fuel: order': (j) => [orderItems(designOf(j)), partsOfFuel(designOf(j))],
  'fuel: cautions': (j) => fuelCautions(j),
  'fuel: leak test': (j) => leakTestOf(designOf(j)),
  'fuel: prime': (j) => primeOf(designOf(j)),
  'fuel: tank': (j) => [moduleFitOf(designOf(j)), starvationOf(designOf(j)), senderOf(designOf(j))],
  'fuel: injector sets': (j, c) => injectorSetsOf(fuelCase(j), c),
  'fuel: pressure as a lever': (j) => pressureLever(j, 0.95, 0.88),
  'fuel: both loops': (j, c) => compareLoops(j, c),
  'fuel: choice of parts': (j, c) => choiceOf(j, c),
  'power: network': (j) => {
    const { solved, assumptions } = powerCase(j)
    return [assumptions, solved.at, DEVICES.map((d) => voltsOfDevice(solved, d))]
  },
  'power: wires': (j) => {
    const c = powerCase(j)
    return c.wireChecks.map(({ fuse, ...w }) => [w, fuse && { ...fuse, short: { ...fuse.short, opensWithinS: 0 } }])
  },
  'power: feeds': (j) => {
    const c = powerCase(j)
    return [keyedFind(j.power.old.keyedWires), fusePlanOf(c), proofTestsOf(c), diagramsOf(c).map((d) => layOutDiagram(d, 500, 100))] // prettier-ignore
  },
  'power: what stops': (j) => stopTable(powerCase(j).supply),
  'power: earths': (j) => sensedErrors(powerCase(j).solved, j.power.sensors),
  'power: charging': (j) => {
    const c = powerCase(j)
    const { drives, leastCharge } = chargingOf(c)
    return [drives.map((d) => ({ ...d, untilNoStartS: 0 })), leastCharge, weeksAtRest(c)]
  },
  'power: order': (j) => partsOfPower(powerCase(j)),
  'power: start': (j) => powerCase(j).coldStart,
  'power: workings': (j) => POWER_WORKINGS.flatMap((id) => CONDITIONS.map((k) => powerWorking(powerCase(j), id, k))),
  'power: odds': (j) => {
    const { supply, spread, needs } = oddsOfJob(j)
    return crankOdds(supply, spread, needs, { draws: 2, seed: 1 })
  },
  'engine top: section': (j) =>
    (['tightest', 'along', 'across'] as const).map((v) => sectionOf(engineTopCase(j).stack, v)),
  'engine top: linkage': (j) => [0, 0.4, 1].map((s) => linkagePose(engineTopCase(j).throttle, s)),
  'engine top: divider': (j) => dividerOdds(engineTopCase(j)),
  'engine top: parts': (j) => partsOfEngineTop(engineTopCase(j)),
  'engine top: port map': (j) => portMapOf(engineTopCase(j).vacuum),
  'engine top: hoses': (j) => boresToBuy(engineTopCase(j)),
  'engine top: rotor': (j) => rotorMarks(engineTopCase(j).ignition),
  'engine top: firing': (j) => {
    const { firing, wires } = engineTopCase(j).ignition
    return [firing, wires]
  },
  'engine top: ignition': (j) => ignitionOdds(engineTopCase(j)),
  'engine top: thermistors': (j) => engineTopCase(j).sensors.thermistors,
  'engine top: wheel': (j) => engineTopCase(j).sensors.wheel,
  'engine top: steps': (j) => stepsOfEngineTop(engineTopCase(j)),
  'parts of all stations': (j) => partsOfJob(j),
  'engine top: cautions': (j) => engineTopCautions(j),
  'engine top: workings': (j) =>
    ENGINE_TOP_WORKINGS.flatMap((id) => [0, 1].map((i) => engineTopWorking(engineTopCase(j), id, i))),
  'exhaust: workings': (j) =>
    EXHAUST_WORKINGS.flatMap((id) => [0, 1].map((i) => exhaustWorking(exhaustCase(j), id, i, null))),
  'exhaust: heat': (j) => {
    const c = exhaustCase(j)
    return chosenSpots(c).map(({ spot }) => [judgedSpotOf(c, spot)?.state, heatAtSpot(c, spot, 'idle'), heatAtSpot(c, spot, 'full')]) // prettier-ignore
  },
  'exhaust: best positions': (j) => [0, 1].map((i) => freeSpotsFor(exhaustCase(j), i, 5)),
  'exhaust: leaks': (j) => leakPlan(exhaustCase(j)),
  'exhaust: parts': (j) => partsOfExhaust(exhaustCase(j)),
  'exhaust: closed loop': (j) => [
    permissionOf(exhaustCase(j)),
    sensorAdvice(exhaustCase(j)),
    steeringDoubts(exhaustCase(j)),
  ],
  'exhaust: cautions': (j) => exhaustCautions(j),
  'exhaust: template': (j) =>
    [0, 1].map((i) => {
      const made = templateOfJob(exhaustCase(j), i)
      return made.ok ? [made.value.warnings, templateSvg(made.value.template, 'x', made.value.warnings)] : made.error
    }),
}

const isFigure = (value: object): value is { si: number; family: never } => 'si' in value && 'family' in value
const isSentence = (value: object): value is Sentence =>
  Array.isArray(value) &&
  value.some((v) => typeof v === 'object') &&
  value.every((v: unknown) => typeof v === 'string' || (typeof v === 'object' && v !== null && isFigure(v)))
const BROKEN = /\bNaN\b|\bInfinity\b|undefined|\[object/

/** Texts in a derived thing that no reader should ever see, with where they stand. */
export const faultsIn = (value: unknown, where = ''): string[] => {
  if (typeof value === 'string') return BROKEN.test(value) ? [`${where}: ${value.slice(0, 200)}`] : []
  if (typeof value !== 'object' || value === null) return []
  if (isSentence(value)) return faultsIn(sentenceText(value, {}), where)
  if (isFigure(value)) {
    const said = typeof value.si === 'number' ? figureText(value, {}) : ''
    return BROKEN.test(said) || (typeof value.si === 'number' && !Number.isFinite(value.si)) ? [`${where}: figure ${value.si}`] : [] // prettier-ignore
  }
  return Object.entries(value).flatMap(([key, inner]) => faultsIn(inner, `${where}.${key}`))
}

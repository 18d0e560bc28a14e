import {
  ClampFitInput,
  ClampFitOutput,
  DrillTemplateInput,
  DrillTemplateOutput,
  ExhaustGasTemperatureInput,
  ExhaustGasTemperatureOutput,
  ExhaustLeakInput,
  ExhaustLeakOutput,
  SensorDelayInput,
  SensorDelayOutput,
  SensorSpotsInput,
  SensorSpotsOutput,
} from '@lochmoor/contract'
import {
  bestSpots,
  clampFit,
  contextOf,
  drillTemplate,
  emptyJob,
  err,
  exhaustCase,
  exhaustDensityKgM3,
  exhaustLeak,
  HARD_RULES,
  marchPipe,
  ok,
  sensorDelay,
  sentenceText,
  spotGrid,
  templateSvg,
} from '@lochmoor/core'
import { calculator, type Calculator } from './calculator.ts'

/** The exhaust sensor station. */
export const EXHAUST_CALCULATORS: readonly Calculator[] = [
  calculator(
    'exhaust-gas-temperature',
    'gas and wall temperature along an exhaust, piece by piece, with films and radiation',
    ExhaustGasTemperatureInput,
    ExhaustGasTemperatureOutput,
    (c) => {
      const { outK, slices } = marchPipe(c)
      return ok({ outK, slices: [...slices] })
    },
  ),
  calculator(
    'sensor-delay',
    'delay from injection to reading: engine cycle, gas transport, sensor and fuel film, and loop speed limit',
    SensorDelayInput,
    SensorDelayOutput,
    ({ volumeM3, gasKgS, gasK, ...c }) =>
      ok(sensorDelay({ ...c, transportS: (volumeM3 * exhaustDensityKgM3(gasK)) / gasKgS })),
  ),
  calculator(
    'exhaust-leak',
    'false air from a hole ahead of the sensor: share, reading, and what the engine gets in closed loop',
    ExhaustLeakInput,
    ExhaustLeakOutput,
    (c) => ok(exhaustLeak(c)),
  ),
  calculator(
    'sensor-spots',
    'best sensor positions on a measured exhaust, each loss of score with its reason',
    SensorSpotsInput,
    SensorSpotsOutput,
    ({ vehicle, exhaust, run, most }) => {
      const c = exhaustCase({ ...emptyJob(vehicle.title), vehicle, exhaust })
      const ctx = contextOf(c, run)
      if (!ctx)
        return err([{ code: 'noSuchRun', field: 'run', value: run, allowed: 'a run of exhaust that has pieces' }])
      const grid = spotGrid(ctx)
      const share = (n: number) => n / grid.rule.length
      return ok({
        freeShare: share(grid.rule.filter((r) => r < 0).length),
        forbidden: HARD_RULES.map((rule, i) => ({
          rule,
          share: share(grid.rule.filter((r) => r === i).length),
        })).filter((f) => f.share > 0),
        spots: bestSpots(ctx, grid, most).map((s) => ({
          alongM: s.alongM,
          clockDeg: s.clockDeg,
          elevationDeg: s.elevationDeg,
          score: s.score,
          losses: s.losses.map((l) => ({ rule: l.rule, loss: l.loss, says: sentenceText(l.says, {}) })),
        })),
      })
    },
    [{ field: 'run', allowed: 'a run of exhaust that has pieces' }],
  ),
  calculator(
    'clamp-fit',
    'band and saddle of a clamp-on bung on a pipe, with the thread left over',
    ClampFitInput,
    ClampFitOutput,
    (c) =>
      c.mostPipeM < c.leastPipeM
        ? err([
            {
              code: 'emptyRange',
              field: 'mostPipeM',
              value: c.mostPipeM,
              allowed: `at least leastPipeM, ${c.leastPipeM}`,
            },
          ])
        : ok({ ...clampFit(c), faults: [...clampFit(c).faults] }),
    [{ field: 'mostPipeM', allowed: 'at least leastPipeM' }],
  ),
  calculator(
    'drill-template',
    'strip that wraps round the pipe with the hole marked on it, as true-scale SVG',
    DrillTemplateInput,
    DrillTemplateOutput,
    (c) => {
      const { stripLengthMm, stripHeightMm, holeXMm, holeYMm, edgeFromDatumMm, ...rest } = drillTemplate(c)
      const t = { stripLengthMm, stripHeightMm, holeXMm, holeYMm, edgeFromDatumMm }
      return ok({ ...t, svg: templateSvg({ ...t, ...rest }, 'Drill template') })
    },
  ),
]

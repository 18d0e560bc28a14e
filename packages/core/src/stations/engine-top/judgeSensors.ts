import { CRANK_GAP_M } from '../../engine-top/index.ts'
import { isTapered } from '../../parts/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'
import type { HoleOfJob, ThermistorOfJob } from './sensorsOfJob.ts'

/** Sensor against gauge at a steady warm idle, K. Trade practice: beyond it one of them stands in dead water. */
const [APART_K, FAR_APART_K] = [8, 10]
/** A thermistor at rest against a thermometer, K: gate of the first start. */
const [AMBIENT_K, AMBIENT_OFF_K] = [3, 5]
/** A tooth off by so much is set in the ECU; by half a tooth and more it is another tooth. */
const SAME_DEG = 0.5
/** Run-out of a wheel, m. Rule of thumb. */
const RUN_OUT_M = 0.3e-3
/** Wall of cast aluminium or iron beside a tapped hole, m. Rule of thumb. */
const LEAST_WALL_M = 3e-3

const judgeCoolantPlace = (c: EngineTopCase): EngineTopVerdict => {
  const { places, placeId } = c.sensors.entry.coolant
  const place = places.find((p) => p.id === placeId)
  const base = { ...plain, id: 'coolant-place', source: 'trade practice' }
  if (!place || place.flow === null)
    return {
      ...base,
      title: place ? `Flow not known: ${place.name}` : 'Port for the coolant sensor not chosen',
      state: 'unknown',
      next: say`Choose a port in the crossover or the thermostat housing, with flow past it`,
      reason: say`It sets warm-up fuel and the fan.`,
    }
  if (place.flow === 'dead-end')
    return {
      ...base,
      title: `Coolant sensor in a dead end: ${place.name}`,
      state: 'stop',
      next: say`Move it to a port with flow`,
      reason: say`Nothing flows past it: it reads cold, the ECU adds warm-up fuel to a hot engine, and the fan comes late.`,
    }
  if (place.takenBy === 'gauge')
    return {
      ...base,
      title: 'Coolant sensor takes the gauge’s port',
      state: 'caution',
      next: say`Leave the gauge its own sender: use another port, or a tee with flow`,
      reason: say`Gauge and ECU need a sender each: the driver must see the temperature with the ECU dead.`,
    }
  if (place.flow === 'thermostat-open')
    return {
      ...base,
      title: `Coolant sensor without flow while cold: ${place.name}`,
      state: 'caution',
      next: say`Use a port on the engine’s side of the thermostat`,
      reason: say`Nothing flows past it until the thermostat opens: it reads cold, and warm-up fuel stays on too long.`,
    }
  return {
    ...base,
    title: `Coolant sensor in flow: ${place.name}`,
    state: 'ok',
    reason: say`Flows at all times.`,
  }
} // prettier-ignore

const judgeCoolantAgrees = (c: EngineTopCase): EngineTopVerdict | null => {
  const { gaugeK, sensorK } = c.sensors.entry.coolant
  if (gaugeK === null || sensorK === null) return null
  const apartK = sensorK - gaugeK
  const off = Math.abs(apartK) > APART_K
  return {
    ...plain,
    id: 'coolant-agrees',
    title: off ? (apartK > 0 ? 'Coolant sensor reads hotter than the gauge' : 'Coolant sensor reads colder than the gauge') : 'Coolant sensor and gauge agree',
    state: Math.abs(apartK) > FAR_APART_K ? 'stop' : off ? 'caution' : 'ok',
    figureName: 'sensor',
    figure: fig(sensorK, 'temperature', 0),
    limitName: 'beside the gauge’s sender',
    limit: fig(gaugeK, 'temperature', 0),
    margin: fig(apartK, 'warming', 0),
    marginIs: 'apart',
    next: say`Find which of the two stands in dead water, and move it`,
    reason: off
      ? apartK > 0
        ? say`A sensor that reads hot takes away warm-up fuel: lean when cold.`
        : say`A sensor that reads cold adds warm-up fuel: rich when warm.`
      : say`Both stand in the same water.`,
    source: 'steady warm idle, 8 and 10 °C: trade practice',
  }
} // prettier-ignore

const AIR_WORDS = {
  'before-throttle': ['Intake air sensor just before the throttle', 'ok', say`It reads the air that the engine gets, before the metal warms it.`],
  'in-cleaner': ['Intake air sensor in the air cleaner', 'ok', say`It reads outside air; under a hot bonnet a little low.`],
  'in-plenum': ['Intake air sensor in the plenum', 'caution', say`Warm metal all round: after a hot stop it reads too hot and the engine restarts lean. Just before the throttle is preferred.`],
  'hot-metal': ['Intake air sensor in hot metal', 'stop', say`It reads the metal, not the air: the ECU takes away fuel the engine needs.`],
  'at-turbo': ['Intake air sensor at the turbo', 'stop', say`It reads air that is cooled further on: fuel and timing are taken away for nothing. After the cooler, just before the throttle.`],
} as const // prettier-ignore

const judgeAir = (c: EngineTopCase): EngineTopVerdict => {
  const { airPlace } = c.sensors.entry
  const base = { ...plain, id: 'air-place', source: 'trade practice' }
  const next = say`Put it in the air stream just before the throttle, away from hot metal`
  if (airPlace === null)
    return { ...base, title: 'Place of the intake air sensor not chosen', state: 'unknown', next, reason: say`It corrects fuel for the density of the air.` } // prettier-ignore
  const [title, state, reason] = AIR_WORDS[airPlace]
  return { ...base, title, state, next, reason }
}

const judgeWheel = (c: EngineTopCase): EngineTopVerdict[] => {
  const { trigger } = c.system ?? {}
  if (trigger !== 'crank-wheel' && trigger !== 'crank-and-cam') return []
  const { entry, wheel, wheelMissing } = c.sensors
  const w = entry.wheel
  if (wheel === null || wheelMissing.length > 0)
    return [
      {
        ...plain,
        id: 'wheel',
        title: 'Crank wheel not measured',
        state: 'unknown',
        next: say`Find top dead centre by a piston stop, then count teeth and measure gaps`,
        reason: say`Not known: ${wheelMissing.join(', ')}.`,
        source: 'trade practice',
      },
    ]
  const there = w.teeth! - (w.missing ?? 0)
  if (w.toothAtTop! > there)
    return [
      {
        ...plain,
        id: 'wheel',
        title: `No tooth ${w.toothAtTop!} on this crank wheel`,
        state: 'unknown',
        next: say`Count again: the first tooth behind the gap is 1`,
        reason: say`Of ${fig(w.teeth!, 'count')} positions ${fig(w.missing ?? 0, 'count')} are missing: teeth go up to ${fig(Math.max(0, there), 'count')}.`,
        source: 'teeth counted round the wheel',
      },
    ]
  const [leastGapM, mostGapM] = CRANK_GAP_M
  const touches = wheel.leastGapM < leastGapM
  const far = wheel.mostGapM > mostGapM
  const wobbles = wheel.runOutM > RUN_OUT_M + 1e-9
  const toothDeg = 360 / w.teeth!
  // Angles go round: 350° and 10° lie 20° apart.
  const offDeg = ((wheel.gapToTopDeg - w.wantsDeg! + 540) % 360) - 180
  const teeth = Math.round(offDeg / toothDeg)
  const wrong = Math.abs(offDeg) > SAME_DEG
  return [
    {
      ...plain,
      id: 'wheel-gap',
      title: touches ? 'Crank sensor too close' : far ? 'Crank sensor too far' : wobbles ? 'Too much run-out at the crank wheel' : 'Crank sensor gap OK',
      state: touches ? 'stop' : far || wobbles ? 'caution' : 'ok',
      figureName: touches ? 'smallest gap' : far ? 'widest gap' : 'run-out',
      figure: fig(touches ? wheel.leastGapM : far ? wheel.mostGapM : wheel.runOutM, 'bore', 2),
      limitName: touches ? 'at least' : 'at most',
      limit: fig(touches ? leastGapM : far ? mostGapM : RUN_OUT_M, 'bore', 2),
      margin: fig(touches ? wheel.leastGapM - leastGapM : far ? mostGapM - wheel.mostGapM : RUN_OUT_M - wheel.runOutM, 'bore', 2),
      next: wobbles && !touches && !far ? say`True the wheel on its seat` : say`Shim the sensor; measure at four places round the wheel`,
      reason: touches ? say`A hot, flexing crank closes it: the sensor is struck.` : far ? say`Too little signal while cranking.` : wobbles ? say`The signal breathes with every turn.` : say`From ${fig(wheel.leastGapM, 'bore', 2)} to ${fig(wheel.mostGapM, 'bore', 2)} round the wheel.`,
      source: '0.5 to 1.2 mm: trade practice; run-out: rule of thumb',
    },
    {
      ...plain,
      id: 'wheel-tooth',
      title: !wrong ? 'Crank wheel matches the ECU’s setting' : Math.abs(teeth) >= 1 ? 'Crank wheel on the wrong tooth' : 'Crank wheel off by less than a tooth',
      state: !wrong ? 'ok' : Math.abs(teeth) >= 1 ? 'stop' : 'caution',
      figureName: 'first tooth to top dead centre',
      figure: fig(wheel.gapToTopDeg, 'angle', 1),
      limitName: 'ECU wants',
      limit: fig(w.wantsDeg!, 'angle', 1),
      margin: fig(offDeg, 'angle', 1),
      marginIs: 'apart',
      next: Math.abs(teeth) >= 1 ? say`Move the wheel by ${fig(Math.abs(teeth), 'count')} teeth, or tell the ECU the true figure` : say`Tell the ECU the true figure`,
      reason: wrong ? say`Every spark would come ${fig(Math.abs(offDeg), 'angle', 1)} off: kick-back, or no start.` : say`Base timing is still proved by the light at the first start.`,
      source: 'teeth times 360° over their number',
      workings: ['crank-tooth'],
    },
    ...judgeSignal(c),
  ]
} // prettier-ignore

const judgeSignal = (c: EngineTopCase): EngineTopVerdict[] => {
  const { crankingRpm, entry, wheel } = c.sensors
  const w = entry.wheel
  const rate: EngineTopVerdict[] =
    w.inputHz === null || w.mostRpm === null
      ? []
      : [
          {
            ...plain,
            id: 'wheel-rate',
            title: wheel!.mostHz > w.inputHz ? 'Too many teeth for the ECU’s input' : 'Tooth frequency OK',
            state: wheel!.mostHz > w.inputHz ? 'stop' : 'ok',
            figureName: 'at maximum speed',
            figure: fig(wheel!.mostHz, 'frequency', 0),
            limitName: 'at most',
            limit: fig(w.inputHz, 'frequency', 0),
            margin: fig(w.inputHz - wheel!.mostHz, 'frequency', 0),
            next: say`A wheel with fewer teeth`,
            reason: wheel!.mostHz > w.inputHz ? say`Above it the ECU loses count: sparks at random, at full power.` : say`The input counts them all.`,
            source: 'teeth times turns a second',
            workings: ['tooth-frequency'],
          },
        ]
  if (w.pickUp !== 'variable-reluctance') return rate
  const base = { ...plain, id: 'wheel-signal', source: 'law of induction: the signal grows with speed' }
  if (wheel!.crankingV === null)
    return [
      ...rate,
      {
        ...base,
        title: 'Crank signal not measured',
        state: 'unknown',
        next: say`Measure the signal at a known speed; the ECU’s manual says what it needs`,
        reason: say`A coil gives least while cranking, when it is needed most.`,
      },
    ]
  const weak = wheel!.strongEnough === false
  return [
    ...rate,
    {
      ...base,
      title: weak ? 'Crank signal too weak while cranking' : 'Crank signal strong enough while cranking',
      state: weak ? 'stop' : 'ok',
      figureName: 'cranking',
      figure: fig(wheel!.crankingV, 'voltage', 2),
      limitName: 'at least',
      limit: fig(w.needsV!, 'voltage', 2),
      margin: fig(wheel!.crankingV - w.needsV!, 'voltage', 2),
      next: say`Close the gap within its limits, or a Hall sensor`,
      reason: weak ? say`At ${fig(crankingRpm, 'engineSpeed', 0)} the ECU sees no teeth: no rpm, no spark.` : say`At ${fig(crankingRpm, 'engineSpeed', 0)}.`,
      workings: ['crank-signal'],
    },
  ]
} // prettier-ignore

/** Sequential injection, or a spark of its own for each cylinder, wants to know which of two turns it is. */
const judgePhase = (c: EngineTopCase): EngineTopVerdict | null => {
  if (c.system === null || (c.system.trigger !== 'crank-and-cam' && c.system.firing !== 'sequential')) return null
  const { phase, phaseProved } = c.sensors.entry
  return {
    ...plain,
    id: 'phase',
    title:
      phase === null
        ? 'Cam signal not chosen'
        : phase === 'none'
          ? 'Sequential without a cam signal'
          : phaseProved === true
            ? 'Cam signal proved'
            : phaseProved === false
              ? 'Cam signal one turn out'
              : 'Cam signal not proved',
    state: phase === null || (phase !== 'none' && phaseProved === null) ? 'unknown' : phase === 'none' || phaseProved === false ? 'stop' : 'ok',
    next: phase === 'none' ? say`A cam sensor, a pick-up in the old distributor, or batch firing` : say`Turn number one to top dead centre on compression, thumb over its plug hole, and see that the ECU says so`,
    reason: phase === 'none' || phaseProved === false ? say`Each injector opens, and each coil may fire, a whole turn off.` : say`A crank wheel alone cannot tell compression from exhaust.`,
    source: 'trade practice',
  }
} // prettier-ignore

const judgeHole = (h: HoleOfJob, i: number): EngineTopVerdict => {
  const { hole, holeThread, missing, tapped, thread } = h
  const base = { ...plain, subject: { kind: 'hole', sensor: i }, id: `hole-${hole.id}`, source: 'thread standards; wall: rule of thumb' } // prettier-ignore
  const called = hole.name
  if (missing.length > 0 || thread === null)
    return { ...base, title: `${called}: hole not measured`, state: 'unknown', next: say`Measure ${missing[0] ?? 'it'}`, reason: say`Not known: ${missing.join(', ')}.` } // prettier-ignore
  const tapers = isTapered(thread)
  if (holeThread !== null && holeThread.id !== thread.id)
    return {
      ...base,
      title: hole.adapter === true ? `${called}: adapter from ${holeThread.name} to ${thread.name}` : `${called}: ${thread.name} does not fit ${holeThread.name}`,
      state: hole.adapter === true ? 'ok' : 'stop',
      next: say`An adapter, or a sensor with the thread of the hole; do not force it`,
      reason: hole.adapter === true ? say`See that the tip still stands in the flow.` : isTapered(holeThread) !== tapers ? say`A parallel thread in a tapered hole bites two turns and leaks; the reverse splits the casting.` : say`Near threads start and then strip.`,
    } // prettier-ignore
  const wantsSeal = tapers ? 'sealant' : 'washer'
  if (tapped) {
    const thin = tapped.wallM < LEAST_WALL_M
    if (thin || !tapped.deepEnough)
      return {
        ...base,
        title: thin ? `${called}: wall too thin to tap` : `${called}: not deep enough for the thread`,
        state: thin ? 'stop' : 'caution',
        figureName: thin ? 'wall left' : 'metal',
        figure: fig(thin ? tapped.wallM : hole.depthM!, 'bore', 1),
        limitName: 'at least',
        limit: fig(thin ? LEAST_WALL_M : tapped.threadM, 'bore', 1),
        margin: fig(thin ? tapped.wallM - LEAST_WALL_M : hole.depthM! - tapped.threadM, 'bore', 1),
        next: say`A smaller thread with an adapter, another place, or a welded bung`,
        reason: thin
          ? say`It cracks when the sensor is tightened, or when water freezes.`
          : say`The sensor stands on its tip or hangs on a few threads.`,
        workings: ['tapping-drill'],
      }
    if (hole.chipsOut !== true)
      return {
        ...base,
        title: hole.chipsOut === false ? `${called}: chips in the engine` : `${called}: chips not accounted for`,
        state: hole.chipsOut === false ? 'stop' : 'unknown',
        next: say`Grease on drill and tap, rag below, part off the engine where it comes off; flush it`,
        reason: say`A chip in the water ends in the pump, one in a port in a valve.`,
        workings: ['tapping-drill'],
      } // prettier-ignore
  }
  if (hole.seal !== wantsSeal)
    return {
      ...base,
      title: hole.seal === null ? `${called}: seal not decided` : tapers ? `${called}: tapered thread without sealant` : `${called}: parallel thread without a washer`,
      state: hole.seal === null ? 'unknown' : 'caution',
      next: tapers ? say`Sealant on the thread, hand-tight and one to two turns: rule of thumb` : say`A new washer under its hexagon`,
      reason: tapers ? say`A taper seals on its thread, helped by sealant; an earth through the thread still needs bare metal.` : say`A parallel thread does not seal: the washer does.`,
      workings: tapped ? ['tapping-drill'] : [],
    } // prettier-ignore
  return {
    ...base,
    title: tapped ? `${called}: tapped ${thread.name}` : `${called}: ${thread.name} fits`,
    state: 'ok',
    ...(tapped && { figureName: 'drill', figure: fig(tapped.drillM, 'bore', 2) }),
    reason: tapped ? say`${fig(tapped.wallM, 'bore', 1)} of wall left; seals by ${tapped.sealsBy}.` : say`Seals by ${tapers ? 'its taper' : 'a washer'}.`,
    workings: tapped ? ['tapping-drill'] : [],
  } // prettier-ignore
}

const judgeThermistor = (t: ThermistorOfJob, i: number): EngineTopVerdict => {
  const { ambientK, entry, impossible, missing } = t
  const base = { ...plain, subject: { kind: 'thermistor', sensor: i }, id: `thermistor-${entry.id}`, source: 'Steinhart and Hart through three points' } // prettier-ignore
  if (impossible)
    return {
      ...base,
      title: `${entry.name}: these three points make no thermistor curve`,
      state: 'stop',
      next: say`Read the sheet again: hotter is always less resistance`,
      reason: say`Points swapped, or two of them alike.`,
    }
  if (missing.length > 0 || ambientK === null || entry.ambientK === null)
    return {
      ...base,
      title: missing.length > 0 ? `${entry.name}: curve not entered` : `${entry.name}: not checked against the air`,
      state: 'unknown',
      next: missing.length > 0 ? say`Enter ${missing[0]!}` : say`After a night in the same place: meter across it, thermometer beside it`,
      reason: missing.length > 0 ? say`Three points make the curve: ${missing.join(', ')} missing.` : say`A curve of another sensor starts the engine rich or lean.`,
    } // prettier-ignore
  const offK = ambientK - entry.ambientK
  const off = Math.abs(offK) > AMBIENT_K
  return {
    ...base,
    title: off ? `${entry.name} reads wrong at rest` : `${entry.name} agrees with the air around it`,
    state: Math.abs(offK) > AMBIENT_OFF_K ? 'stop' : off ? 'caution' : 'ok',
    figureName: 'by its resistance',
    figure: fig(ambientK, 'temperature', 0),
    limitName: 'air around it',
    limit: fig(entry.ambientK, 'temperature', 0),
    margin: fig(offK, 'warming', 1),
    marginIs: 'apart',
    next: say`Another curve, a corroded joint, or a new sensor`,
    reason: off ? (offK > 0 ? say`It reads hot: warm-up fuel is taken away, lean when cold.` : say`It reads cold: warm-up fuel is added, rich.`) : say`Curve and sensor belong together.`,
    source: 'Steinhart and Hart; 3 and 5 °C: trade practice',
    workings: ['thermistor'],
  } // prettier-ignore
}

/** Sensors: where they sit, what the crank wheel gives, holes and curves. */
export const judgeSensors = (c: EngineTopCase): (EngineTopVerdict | null)[] =>
  c.begun
    ? [
        judgeCoolantPlace(c),
        judgeCoolantAgrees(c),
        judgeAir(c),
        ...judgeWheel(c),
        judgePhase(c),
        ...c.sensors.holes.map(judgeHole),
        ...c.sensors.thermistors.map(judgeThermistor),
      ]
    : []

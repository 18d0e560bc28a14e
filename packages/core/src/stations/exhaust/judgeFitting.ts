import type { BungPart } from '../../parts/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { CLAMP_FAULT_WORDS, clampFitOf } from '../../exhaust/fitting/clampFit.ts'
import { fittingAdvice, type FittingAdvice } from '../../exhaust/fitting/weldOrClamp.ts'
import { pieceAt, runOf, type LaidPiece } from '../../exhaust/pipe/layOut.ts'
import type { RunId } from '../../sections/index.ts'
import { atSensor, chosenSpots, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'

/** The piece each sensor goes into. */
export const piecesDrilled = (
  c: ExhaustCase,
): { readonly name: string; readonly run: RunId; readonly piece: LaidPiece; readonly index: number }[] =>
  chosenSpots(c).flatMap(({ name, spot, index }) => {
    const run = runOf(c.runs, spot.run)
    return run ? [{ name, index, run: spot.run, piece: pieceAt(run, spot.alongM) }] : []
  })

const fitsPipe = (bung: BungPart, pipeM: number): boolean => {
  if (pipeM < bung.leastPipeM - 1e-9 || pipeM > bung.mostPipeM + 1e-9) return false
  return (clampFitOf(bung, pipeM)?.faults.length ?? 0) === 0
}

export const adviceOf = (c: ExhaustCase, bungs: readonly BungPart[]): FittingAdvice | null => {
  const [first] = piecesDrilled(c)
  if (!first) return null
  const { piece } = first
  return fittingAdvice({
    welder: c.welder,
    material: c.exhaust.material,
    wallM: piece.wallM,
    pipeM: piece.outsideM,
    clampFits: bungs.some((b) => b.kind === 'clamp-on' && fitsPipe(b, piece.outsideM)),
  })
}

/** Bosses of the list that fit every pipe that is drilled. */
export const bungsThatFit = (c: ExhaustCase, bungs: readonly BungPart[]): BungPart[] => {
  const pipes = piecesDrilled(c)
  return pipes.length === 0 ? [] : bungs.filter((b) => pipes.every(({ piece }) => fitsPipe(b, piece.outsideM)))
}

export const WAY_WORDS = { weld: 'welded in', clamp: 'clamped on', neither: 'neither' } as const

/** Weld or clamp: as decided, against what is advised. */
export const judgeWay = (c: ExhaustCase, bungs: readonly BungPart[]): ExhaustVerdict | null => {
  const advice = adviceOf(c, bungs)
  if (!advice) return null
  const { joinBy } = c.exhaust
  const base = { ...plain, id: 'way', source: 'trade practice' }
  const [why] = advice.reasons
  if (joinBy === null) return { ...base, title: 'Weld or clamp', state: 'unknown', reason: say`${why ?? say``}` }
  if (c.welder === null && c.exhaust.material !== 'cast')
    return { ...base, title: 'Who welds?', state: 'unknown', reason: say`${why ?? say``}` }
  const clash = joinBy === 'weld' && c.welder === 'none'
  const differs = advice.way !== joinBy
  return {
    ...base,
    title: clash
      ? 'Weld chosen, but nobody welds'
      : advice.way === 'neither'
        ? 'Neither weld nor clamp suits this pipe'
        : differs
          ? `Better ${WAY_WORDS[advice.way]}`
          : `Sensor ${WAY_WORDS[joinBy]}`,
    state: clash || advice.way === 'neither' ? 'stop' : differs ? 'caution' : 'ok',
    reason: say`${why ?? say``}`,
  }
}

/** Bosses of the list that fit the pipe, the sensor's thread, the pipe's metal and the way that was decided. */
export const bungsToTake = (c: ExhaustCase, bungs: readonly BungPart[]): BungPart[] => {
  const { joinBy, material, sensor } = c.exhaust
  return bungsThatFit(c, bungs)
    .filter((b) => sensor === null || b.thread === sensor.thread)
    .filter((b) => b.kind === 'clamp-on' || material !== 'stainless' || b.metal === 'stainless')
    .filter((b) => joinBy === null || (b.kind === 'clamp-on') === (joinBy === 'clamp'))
}

/** Does the chosen boss or clamp go on the pipe that was measured? */
export const judgeBung = (c: ExhaustCase, bungs: readonly BungPart[]): ExhaustVerdict[] => {
  const { bung, joinBy } = c.exhaust
  const pipes = piecesDrilled(c)
  if (pipes.length === 0) return []
  const fitting = bungsToTake(c, bungs)
  if (!bung)
    return [
      {
        ...plain,
        ...atSensor('bung', 0),
        title: 'Bung',
        state: 'unknown',
        reason: say`Choose a bung: ${`${fitting.length}`} in the catalogue fit the pipe as measured.`,
        source: 'catalogue',
      },
    ]
  if (joinBy !== null && (bung.kind === 'clamp-on') !== (joinBy === 'clamp'))
    return [
      {
        ...plain,
        ...atSensor('bung', 0),
        title: `${bung.name} is for ${bung.kind === 'clamp-on' ? 'clamping' : 'welding'}`,
        state: 'stop',
        reason: say`You chose: ${WAY_WORDS[joinBy]}.`,
        source: 'catalogue',
      },
    ]
  const { sensor, material } = c.exhaust
  if (sensor && sensor.thread !== bung.thread)
    return [
      {
        ...plain,
        ...atSensor('bung', 0),
        title: 'Sensor and bung threads differ',
        state: 'stop',
        next: say`Use a bung with the sensor’s thread`,
        reason: say`${sensor.name} has ${sensor.thread}, ${bung.name} ${bung.thread}.`,
        source: 'catalogue',
      },
    ]
  return pipes.map(({ name, piece, index }): ExhaustVerdict => {
    const fit = clampFitOf(bung, piece.outsideM)
    const tapeM = piece.piece.roundM
    const measured = tapeM === null && piece.assumed.includes('diameter')
    const base = {
      ...plain,
      ...atSensor('bung', index),
      figureName: 'pipe, outside',
      figure: fig(piece.outsideM, 'bore'),
    }
    if (measured)
      return {
        ...base,
        title: `${name}: measure the pipe`,
        state: 'unknown',
        reason: say`Put a tape round the ${piece.piece.name.toLowerCase()}: the bung is bought by pipe diameter.`,
        source: 'd = circumference/pi',
      }
    if (!fit) {
      const small = piece.outsideM < bung.leastPipeM
      const fits = fitsPipe(bung, piece.outsideM)
      const otherSteel = fits && material === 'stainless' && bung.metal !== 'stainless'
      return {
        ...base,
        title: otherSteel
          ? `${name}: mild steel bung on a stainless pipe`
          : fits
            ? `${name}: bung on the pipe`
            : `${name}: bung does not fit this pipe`,
        state: otherSteel ? 'caution' : fits ? 'ok' : 'stop',
        limitName: small ? 'at least' : 'at most',
        limit: fig(small ? bung.leastPipeM : bung.mostPipeM, 'bore'),
        reason: fits
          ? say`Hole ${fig(bung.holeM, 'bore')}. Pilot first, step up, deburr, every chip out; file the foot of the bung to the pipe.`
          : say`Its foot is made for other pipe sizes: the weld would have to bridge a gap.`,
        source: 'catalogue against the measured pipe',
      }
    }
    const [fault] = fit.faults
    const far = piece.outsideM > bung.mostPipeM || piece.outsideM < bung.leastPipeM
    return {
      ...base,
      title: fault
        ? fault === 'band-too-short'
          ? `${name}: clamp too short for this pipe`
          : fault === 'thread-bottoms'
            ? `${name}: clamp too long for this pipe`
            : `${name}: saddle does not fit this pipe`
        : `${name}: clamp fits the pipe`,
      state: fault ? 'stop' : 'ok',
      limitName: far ? (piece.outsideM > bung.mostPipeM ? 'band fits to' : 'band fits from') : 'band fits to',
      limit: fig(piece.outsideM < bung.leastPipeM ? bung.leastPipeM : bung.mostPipeM, 'bore'),
      margin: fig(fault === 'band-too-short' ? fit.startsM : fit.toSpareM, 'bore'),
      reason: fault
        ? say`On ${fig(piece.outsideM, 'bore')} ${CLAMP_FAULT_WORDS[fault]}.`
        : say`Hole ${fig(bung.holeM, 'bore')}. ${fig(fit.startsM, 'bore')} drawn up, ${fig(fit.toSpareM, 'bore')} of thread left. Tighten both sides in turn; check it with smoke or soap.`,
      source: 'circumference of the pipe against the band; drawing 3 mm: rule of thumb',
      workings: ['clamp-fit'],
    }
  })
}

const SLACK_M = 0.05
const CABLE_GAP_M = 0.025

/** Does the cable reach, off the pipe, without being cut or shortened? */
export const judgeCable = (c: ExhaustCase): ExhaustVerdict | null => {
  const { cablePathM } = c
  const { sensor, cableGapM } = c.exhaust
  if (c.sensorCount === 0 || c.exhaust.spots.length === 0) return null
  const base = { ...plain, id: 'cable', source: 'tape; 25 mm off the pipe: rule of thumb' }
  if (!sensor || cablePathM === null)
    return {
      ...base,
      title: 'Sensor cable',
      state: 'unknown',
      reason: !sensor
        ? say`Choose the sensor: its cable must not be cut or extended.`
        : say`Run string from the sensor position to the harness connector along the cable’s route, and measure it.`,
    }
  const neededM = cablePathM + SLACK_M
  const short = sensor.cableM < neededM
  const near = cableGapM !== null && cableGapM < CABLE_GAP_M
  return {
    ...base,
    title: short ? 'Sensor cable too short' : near ? 'Sensor cable too close to the pipe' : 'Sensor cable',
    state: short ? 'stop' : near ? 'caution' : cableGapM === null ? 'unknown' : 'ok',
    next: short
      ? say`Bring the harness closer, or use a sensor with a longer cable`
      : near
        ? say`Route the cable away from the pipe, sleeved`
        : say`Measure how close the cable comes to the pipe`,
    figureName: 'cable',
    figure: fig(sensor.cableM, 'distance'),
    limitName: 'route and 50 mm for engine rock',
    limit: fig(neededM, 'distance'),
    margin: fig(sensor.cableM - neededM, 'distance'),
    reason: short
      ? say`Bring the harness closer or use a sensor with a longer cable: never cut or splice a lead that carries calibration or reference air.`
      : near
        ? say`${fig(cableGapM, 'bore', 0)} off the pipe; ${fig(CABLE_GAP_M, 'bore', 0)} and a sleeve are needed, with strain relief on the body.`
        : cableGapM === null
          ? say`It reaches. Measure how close it comes to the pipe.`
          : say`It reaches with the engine rocking. Sleeve it, clip it to the body, ${fig(cableGapM, 'bore', 0)} off the pipe.`,
  }
}

/** Is the controller told what is plugged in, before it is plugged in? */
export const judgeSensorType = (c: ExhaustCase): ExhaustVerdict | null => {
  const { sensor, typeSet } = c.exhaust
  if (!sensor || c.sensorCount === 0) return null
  return {
    ...plain,
    id: 'sensor-type',
    title: typeSet === true ? 'Sensor type set in the ECU' : 'Set the sensor type before plugging in',
    state: typeSet === true ? 'ok' : typeSet === false ? 'stop' : 'unknown',
    next: say`Set ${sensor.name} in the ECU, then plug it in`,
    reason:
      typeSet === true
        ? say`The ECU was set to ${sensor.name} first.`
        : say`An ECU set to another type heats it wrongly and can ruin the sensor within a minute. Set ${sensor.name}, then plug in; free air must then show the lean end of its display.`,
    source: 'trade practice',
  }
}

/** Do sensors and injectors of a bank belong together, and was it proved? */
export const judgeCrossing = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.sensorCount !== 2 || !c.trimsBanks || c.runs.filter((r) => r.id !== 'common').length < 2) return null
  const { steers, bankTest } = c.exhaust
  const crossed = steers.a === 'b' || steers.b === 'a' || bankTest === 'other-went-lean'
  const known = steers.a !== null && steers.b !== null
  return {
    ...plain,
    id: 'crossing',
    title: crossed
      ? 'Banks crossed'
      : bankTest === 'own-went-lean' && known
        ? 'Banks and sensors matched'
        : 'Banks and sensors not checked',
    state: crossed ? 'stop' : bankTest === 'own-went-lean' && known ? 'ok' : 'unknown',
    next: crossed
      ? say`Swap the sensor plugs or the injector groups, never both`
      : say`Unplug one injector of bank A at idle: reading A must go lean`,
    reason: crossed
      ? say`One bank is driven full rich, the other full lean, until both reach their limits. Swap the sensor plugs or the injector groups, never both.`
      : say`Idling warm in open loop, unplug one injector of bank A: reading A must go lean and reading B stay put. Record what happened.`,
    source: 'trade practice',
  }
}

/** Does the fuel shorten the sensor's life or shift what it reads? */
export const judgeFuelOfSensor = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.sensorCount === 0 || c.runs.length === 0) return null
  const { sensor } = c.exhaust
  const { leadedFuel } = c
  const ethanol = c.ethanolShare
  const base = { ...plain, id: 'fuel', source: 'data sheet of the sensor; stoichiometry' }
  if (leadedFuel === true)
    return {
      ...base,
      title: 'Leaded fuel shortens the sensor’s life',
      state: 'caution',
      figureName: 'lasts about',
      figure: sensor?.leadedS ? fig(sensor.leadedS, 'work', 0) : null,
      reason: say`Lead coats the tip: slow at first, then falsely lean. Carry a spare, check it in free air, fit it further down the pipe.`,
    }
  if (leadedFuel === null)
    return {
      ...base,
      title: 'Leaded fuel or not',
      state: 'unknown',
      reason: say`Ask what it will run on: lead, and lead substitutes with metal in them, coat the tip.`,
    }
  return {
    ...base,
    title: 'Fuel and sensor',
    state: 'ok',
    reason:
      ethanol > 0.2
        ? say`With ${fig(ethanol, 'share')} ethanol the sensor still reads true lambda; only the air-fuel figure on a petrol scale is not the real ratio. There is more water in the exhaust: the dew point is higher.`
        : say`Unleaded: the sensor lasts its full life. Lambda reads true with any ethanol content.`,
  }
}

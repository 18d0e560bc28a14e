import type { BungPart } from '../../parts/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { CLAMP_FAULT_WORDS, clampFitOf } from '../../exhaust/fitting/clampFit.ts'
import { fittingAdvice, type FittingAdvice } from '../../exhaust/fitting/weldOrClamp.ts'
import { pieceAt, runOf, type LaidPiece } from '../../exhaust/pipe/layOut.ts'
import { atSensor, chosenSpots, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'

/** The piece each sensor goes into. */
export const piecesDrilled = (
  c: ExhaustCase,
): { readonly name: string; readonly piece: LaidPiece; readonly index: number }[] =>
  chosenSpots(c).flatMap(({ name, spot, index }) => {
    const run = runOf(c.runs, spot.run)
    return run ? [{ name, index, piece: pieceAt(run, spot.alongM) }] : []
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
  const base = { ...plain, id: 'way', source: 'practice of the trade' }
  const [why] = advice.reasons
  if (joinBy === null) return { ...base, title: 'Weld or clamp', state: 'unknown', reason: say`${why ?? say``}` }
  if (c.welder === null && c.exhaust.material !== 'cast')
    return { ...base, title: 'Who welds?', state: 'unknown', reason: say`${why ?? say``}` }
  const clash = joinBy === 'weld' && c.welder === 'none'
  const differs = advice.way !== joinBy
  return {
    ...base,
    title: clash
      ? 'Nobody welds, and a weld was chosen'
      : advice.way === 'neither'
        ? 'Neither weld nor clamp on this pipe'
        : differs
          ? `It would better be ${WAY_WORDS[advice.way]}`
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
        title: 'Boss or clamp',
        state: 'unknown',
        reason: say`Choose what holds the sensor: ${`${fitting.length}`} of the catalogue fit the pipe as measured.`,
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
        reason: say`The sensor is to be ${WAY_WORDS[joinBy]}.`,
        source: 'catalogue',
      },
    ]
  const { sensor, material } = c.exhaust
  if (sensor && sensor.thread !== bung.thread)
    return [
      {
        ...plain,
        ...atSensor('bung', 0),
        title: 'Sensor and boss have other threads',
        state: 'stop',
        next: say`Take a boss with the sensor’s thread`,
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
        reason: say`Lay the tape around ${piece.piece.name.toLowerCase()}: what holds the sensor is bought by its diameter.`,
        source: 'd = circumference/pi',
      }
    if (!fit) {
      const small = piece.outsideM < bung.leastPipeM
      const fits = fitsPipe(bung, piece.outsideM)
      const otherSteel = fits && material === 'stainless' && bung.metal !== 'stainless'
      return {
        ...base,
        title: otherSteel
          ? `${name}: mild steel on a stainless pipe`
          : fits
            ? `${name}: boss on the pipe`
            : `${name}: the boss does not sit on this pipe`,
        state: otherSteel ? 'caution' : fits ? 'ok' : 'stop',
        limitName: small ? 'at least' : 'at most',
        limit: fig(small ? bung.leastPipeM : bung.mostPipeM, 'bore'),
        reason: fits
          ? say`Hole ${fig(bung.holeM, 'bore')}. Pilot first, step up, deburr, every chip out; the foot of the boss filed to the pipe.`
          : say`Its foot is made for other pipes: the gap would be bridged with weld.`,
        source: 'catalogue against the measured pipe',
      }
    }
    const [fault] = fit.faults
    const far = piece.outsideM > bung.mostPipeM || piece.outsideM < bung.leastPipeM
    return {
      ...base,
      title: fault
        ? fault === 'band-too-short'
          ? `${name}: the clamp is too short`
          : fault === 'thread-bottoms'
            ? `${name}: the clamp is too long`
            : `${name}: the saddle does not fit the pipe`
        : `${name}: clamp on the pipe`,
      state: fault ? 'stop' : 'ok',
      limitName: far ? (piece.outsideM > bung.mostPipeM ? 'band goes to' : 'band goes from') : 'band goes to',
      limit: fig(piece.outsideM < bung.leastPipeM ? bung.leastPipeM : bung.mostPipeM, 'bore'),
      margin: fig(fault === 'band-too-short' ? fit.startsM : fit.toSpareM, 'bore'),
      reason: fault
        ? say`On ${fig(piece.outsideM, 'bore')} ${CLAMP_FAULT_WORDS[fault]}.`
        : say`Hole ${fig(bung.holeM, 'bore')}. ${fig(fit.startsM, 'bore')} drawn, ${fig(fit.toSpareM, 'bore')} of thread to spare. Tighten both sides in turn; prove it with smoke or soap.`,
      source: 'circumference of the pipe against the band; drawing 3 mm: rule of thumb',
      workings: ['clamp-fit'],
    }
  })
}

const SLACK_M = 0.05
const CABLE_GAP_M = 0.025

/** Does the cable reach, off the pipe, without being cut or shortened? */
export const judgeCable = (c: ExhaustCase): ExhaustVerdict | null => {
  const { sensor, cablePathM, cableGapM } = c.exhaust
  if (c.sensorCount === 0 || c.exhaust.spots.length === 0) return null
  const base = { ...plain, id: 'cable', source: 'tape; 25 mm off the pipe: rule of thumb' }
  if (!sensor || cablePathM === null)
    return {
      ...base,
      title: 'Cable of the sensor',
      state: 'unknown',
      reason: !sensor
        ? say`Choose the sensor: its cable may be neither cut nor lengthened.`
        : say`Lay a string from the spot to the harness's connector along the way the cable will take, and measure it.`,
    }
  const neededM = cablePathM + SLACK_M
  const short = sensor.cableM < neededM
  const near = cableGapM !== null && cableGapM < CABLE_GAP_M
  return {
    ...base,
    title: short ? 'The cable does not reach' : near ? 'The cable lies too near the pipe' : 'Cable of the sensor',
    state: short ? 'stop' : near ? 'caution' : cableGapM === null ? 'unknown' : 'ok',
    next: short
      ? say`Bring the harness nearer, or take a sensor with a longer cable`
      : near
        ? say`Lead the cable off the pipe, sheathed`
        : say`Measure how near the cable comes to the pipe`,
    figureName: 'cable',
    figure: fig(sensor.cableM, 'distance'),
    limitName: 'path and 50 mm for the engine’s rock',
    limit: fig(neededM, 'distance'),
    margin: fig(sensor.cableM - neededM, 'distance'),
    reason: short
      ? say`Bring the harness nearer or take a sensor with a longer cable: a lead that carries calibration or reference air is neither cut nor spliced.`
      : near
        ? say`${fig(cableGapM, 'bore', 0)} off the pipe; ${fig(CABLE_GAP_M, 'bore', 0)} and a sleeve it wants, and a strain relief on the body.`
        : cableGapM === null
          ? say`It reaches. Measure how near it comes to the pipe.`
          : say`It reaches with the engine rocking. Sheathed, fixed on the body, ${fig(cableGapM, 'bore', 0)} off the pipe.`,
  }
}

/** Is the controller told what is plugged in, before it is plugged in? */
export const judgeSensorType = (c: ExhaustCase): ExhaustVerdict | null => {
  const { sensor, typeSet } = c.exhaust
  if (!sensor || c.sensorCount === 0) return null
  return {
    ...plain,
    id: 'sensor-type',
    title: typeSet === true ? 'Sensor type set in the controller' : 'Set the sensor type before plugging in',
    state: typeSet === true ? 'ok' : typeSet === false ? 'stop' : 'unknown',
    next: say`Set ${sensor.name} in the controller, then plug it in`,
    reason:
      typeSet === true
        ? say`The controller was set to ${sensor.name} first.`
        : say`A controller set to another type heats it wrongly: a sensor can be ruined within a minute. Set ${sensor.name}, then plug in; free air must then show the lean end of its display.`,
    source: 'practice of the trade',
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
      ? 'The banks are crossed'
      : bankTest === 'own-went-lean' && known
        ? 'Banks and sensors belong together'
        : 'Banks and sensors not proved',
    state: crossed ? 'stop' : bankTest === 'own-went-lean' && known ? 'ok' : 'unknown',
    next: crossed
      ? say`Change over the sensor plugs or the injector groups, never both`
      : say`Unplug one injector of bank A at idle: reading A must go lean`,
    reason: crossed
      ? say`One bank is driven full rich, the other full lean, until both stand at their limits. Change over the sensor plugs or the injector groups, never both.`
      : say`Idling warm in open loop, unplug one injector of bank A: reading A must go lean, reading B stay. Write down what it did.`,
    source: 'practice of the trade',
  }
}

/** Does the fuel shorten the sensor's life or shift what it reads? */
export const judgeFuelOfSensor = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.sensorCount === 0 || c.runs.length === 0) return null
  const { leadedFuel, sensor } = c.exhaust
  const ethanol = c.ethanolShare
  const base = { ...plain, id: 'fuel', source: 'data sheet of the sensor; stoichiometry' }
  if (leadedFuel === true)
    return {
      ...base,
      title: 'Leaded fuel shortens the sensor’s life',
      state: 'caution',
      figureName: 'lives about',
      figure: sensor?.leadedS ? fig(sensor.leadedS, 'work', 0) : null,
      reason: say`Lead coats the tip: slow, then falsely lean. Carry a spare, check it in free air, place it further down (the far schools).`,
    }
  if (leadedFuel === null)
    return {
      ...base,
      title: 'Leaded fuel or not',
      state: 'unknown',
      reason: say`Ask what it will be driven on: lead, and lead substitutes with metal in them, coat the tip.`,
    }
  return {
    ...base,
    title: 'Fuel and sensor',
    state: 'ok',
    reason:
      ethanol > 0.2
        ? say`With ${fig(ethanol, 'share')} ethanol the sensor still reads lambda truly; only the air-fuel figure on a petrol scale is not the real ratio. More water: the dew point is higher.`
        : say`Unleaded: it lives its full life. Lambda is read truly at any share of ethanol.`,
  }
}

import { ballAt, bonnetFrom, TAPPED_MATERIALS } from '../../engine-top/index.ts'
import { collectWorking, type Trace, type Working } from '../../verdict/index.ts'
import { isTapered } from '../../parts/index.ts'
import { USUAL_CLAMP } from './boltsOfJob.ts'
import type { EngineTopCase } from './engineTopCase.ts'
import {
  traceCrankSignal,
  traceDrill,
  traceFrequency,
  traceRotor,
  traceSignal,
  traceThermistor,
  traceTooth,
} from './placesWorkings.ts'

export const ENGINE_TOP_WORKINGS = [
  'bonnet-gap',
  'face-velocity',
  'engagement',
  'bolt-torque',
  'plate-turn',
  'kickdown-travel',
  'pressure-signal',
  'crank-tooth',
  'tooth-frequency',
  'crank-signal',
  'tapping-drill',
  'thermistor',
  'rotor-overlap',
] as const
export type EngineTopWorkingId = (typeof ENGINE_TOP_WORKINGS)[number]
const TITLES: Readonly<Record<EngineTopWorkingId, string>> = {
  'bonnet-gap': 'Gap under the bonnet',
  'face-velocity': 'Air at the element',
  engagement: 'Thread engaged',
  'bolt-torque': 'Torque of the bolts',
  'plate-turn': 'Plate against pedal',
  'kickdown-travel': 'Travel of the gearbox cable',
  'pressure-signal': 'Vacuum by the ECU',
  'crank-tooth': 'Tooth at top dead centre',
  'tooth-frequency': 'Tooth frequency',
  'crank-signal': 'Crank signal',
  'tapping-drill': 'Tapping drill and wall',
  thermistor: 'Temperature of the thermistor',
  'rotor-overlap': 'Overlap of rotor and terminal',
}

const traceGap = (c: EngineTopCase, trace: Trace): void => {
  const { axisRightM, axisUpM, clay, clearance, corners } = c.stack
  const worst = clearance.corners.find((x) => x.gapM !== null)
  const corner = corners.find((x) => x.id === worst?.id)
  const lump = clay.find((p) => p.id === worst?.clayId)
  if (!worst || !corner || !lump) return
  const up = corner.topM - axisUpM
  trace.step({
    symbol: 'u',
    meaning: 'how far the corner rises as the engine rocks',
    formula: 'x * sin(q) + h * cos(q) - h',
    inputs: { x: { value: corner.rightM - axisRightM, unit: 'm' }, h: { value: up, unit: 'm' }, q: { value: worst.atRad, unit: 'rad' } },
    result: worst.upM,
    unit: 'm',
    source: 'rotation about the axis through the mounts; x to the right of it, h above it',
  })
  // The bonnet over where the corner goes: from the clay's height, with the bonnet's slope about it.
  const overM = bonnetFrom(lump, clay)({ rightM: corner.rightM + worst.sidewaysM, aheadM: corner.aheadM })
  trace.step({
    symbol: 'g',
    meaning: 'gap between bonnet and corner',
    formula: 'b - t - u',
    inputs: { b: { value: overM, unit: 'm' }, t: { value: corner.topM, unit: 'm' }, u: { value: worst.upM, unit: 'm' } },
    result: worst.gapM!,
    unit: 'm',
    source: 'b: bonnet there, from the clay (old top and lump) and the bonnet’s slope; t: new stack',
  })
} // prettier-ignore

const traceFace = (c: EngineTopCase, trace: Trace): void => {
  const { air, elementHeightM, entry } = c.stack
  if (!air || elementHeightM === null || entry.elementM === null) return
  trace.step({
    symbol: 'v',
    meaning: 'air at the outer face',
    formula: 'Q / (s * pi * d * h)',
    inputs: { Q: { value: air.airM3S, unit: 'm³/s' }, s: { value: c.stack.openShare, unit: '' }, d: { value: entry.elementM, unit: 'm' }, h: { value: elementHeightM, unit: 'm' } },
    result: air.faceMS,
    unit: 'm/s',
    source: 'continuity; Q: displacement, half the speed, filling (rule of thumb); s: open share',
  })
} // prettier-ignore

const traceEngagement = (c: EngineTopCase, trace: Trace, index: number): void => {
  const b = c.bolts[index]
  const fit = b?.answer?.fit ?? b?.toBuy?.fit
  if (!b || !fit || b.clampedM === null || !b.thread || isTapered(b.thread)) return
  const reachM = fit.lengthM - b.clampedM
  trace.step({
    symbol: 'e',
    meaning: 'of the bolt beyond what it clamps',
    formula: 'L - c',
    inputs: { L: { value: fit.lengthM, unit: 'm' }, c: { value: b.clampedM, unit: 'm' } },
    result: reachM,
    unit: 'm',
    source: 'flange, gasket as tightened, washer',
  })
  const [leastD] = TAPPED_MATERIALS[b.group.tapped!].engagement
  trace.step({
    symbol: 'm',
    meaning: 'wanted at least',
    formula: 'n * d',
    inputs: { n: { value: leastD, unit: '' }, d: { value: b.thread.majorM, unit: 'm' } },
    result: b.answer!.leastEngagementM,
    unit: 'm',
    source: 'diameters by the material that is tapped: rule of thumb',
  })
}

const traceTorque = (c: EngineTopCase, trace: Trace, index: number): void => {
  const b = c.bolts[index]
  const a = b?.answer
  if (!b || !a || a.torqueNm === null || a.preloadN === null || a.bearsN === null || a.weakest === null || !b.thread) return
  trace.step({
    symbol: 'F',
    meaning: `clamp, from what the ${a.weakest} bears`,
    formula: 's * B',
    inputs: { s: { value: b.group.clampShare ?? USUAL_CLAMP, unit: '' }, B: { value: a.bearsN[a.weakest], unit: 'N' } },
    result: a.preloadN,
    unit: 'N',
    source: 'proof stress on the stress area, or shear of the thread; share: rule of thumb',
  })
  trace.step({
    symbol: 'T',
    meaning: 'torque, last pass',
    formula: 'K * d * F',
    inputs: { K: { value: b.torqueCoefficient!, unit: '' }, d: { value: b.thread.majorM, unit: 'm' }, F: { value: a.preloadN, unit: 'N' } },
    result: a.torqueNm,
    unit: 'N m',
    source: 'T = K d F; K by the state of the thread: rule of thumb',
  })
} // prettier-ignore

const tracePlate = (c: EngineTopCase, trace: Trace): void => {
  const { answer, solved } = c.throttle
  const link = solved?.links[0]
  if (!answer || !solved || !link) return
  const end = answer.points.at(-1)!
  trace.step({
    symbol: 'p',
    meaning: 'turn of the pedal that moves the first lever',
    formula: 'a - s / r',
    inputs: { a: { value: solved.pedalRad, unit: 'rad' }, s: { value: solved.slackM, unit: 'm' }, r: { value: solved.padArmM, unit: 'm' } },
    result: end.pedalRad - solved.slackM / solved.padArmM,
    unit: 'rad',
    source: 'slack is lost first',
  })
  if (link.kind === 'rod' && solved.links.length === 1 && answer.binds === null) {
    const drives = link.sense.drives
    const ball = ballAt(link.driver, link.driver.restRad + drives * (end.pedalRad - solved.slackM / solved.padArmM))
    const plate = ballAt(link.driven, link.driven.restRad + link.sense.opens * end.plateRad)
    trace.step({
      symbol: 'L',
      meaning: 'rod between both balls then: as long as it was at rest',
      formula: 'sqrt((x1 - x2) * (x1 - x2) + (y1 - y2) * (y1 - y2) + (z1 - z2) * (z1 - z2))',
      inputs: {
        x1: { value: ball[0], unit: 'm' },
        x2: { value: plate[0], unit: 'm' },
        y1: { value: ball[1], unit: 'm' },
        y2: { value: plate[1], unit: 'm' },
        z1: { value: ball[2], unit: 'm' },
        z2: { value: plate[2], unit: 'm' },
      },
      result: Math.hypot(ball[0] - plate[0], ball[1] - plate[1], ball[2] - plate[2]),
      unit: 'm',
      source: 'loop closure of the four-bar linkage (Hartenberg and Denavit 1964); right, ahead, up',
    })
  }
  trace.step({
    symbol: 'o',
    meaning: 'opening with the pedal on its stop',
    formula: 'e / f',
    inputs: { e: { value: end.plateRad, unit: 'rad' }, f: { value: solved.plateRad, unit: 'rad' } },
    result: answer.share,
    unit: '',
    source: 'turn of the plate against fully open',
  })
} // prettier-ignore

const traceKickdown = (c: EngineTopCase, trace: Trace): void => {
  const { entry, kickdown, plateRad } = c.throttle
  const { armM, closedM, restDeg } = entry.kickdown
  if (!kickdown || armM === null || restDeg === null || closedM === null) return
  trace.step({
    symbol: 's',
    meaning: 'pulled out with the plate open',
    formula: 'c + r * (cos(b) - cos(b + p))',
    inputs: { c: { value: closedM, unit: 'm' }, r: { value: armM, unit: 'm' }, b: { value: (restDeg * Math.PI) / 180, unit: 'rad' }, p: { value: plateRad, unit: 'rad' } },
    result: kickdown.openM,
    unit: 'm',
    source: 'end of the lever along the cable; b between lever and cable, plate closed',
  })
} // prettier-ignore

/** How a figure came about. @param index of the group of bolts, the hole or the thermistor, where there are several */
export const engineTopWorking = (c: EngineTopCase, id: EngineTopWorkingId, index = 0): Working =>
  collectWorking(TITLES[id], (trace) => {
    switch (id) {
      case 'bonnet-gap':
        return traceGap(c, trace)
      case 'face-velocity':
        return traceFace(c, trace)
      case 'engagement':
        return traceEngagement(c, trace, index)
      case 'bolt-torque':
        return traceTorque(c, trace, index)
      case 'plate-turn':
        return tracePlate(c, trace)
      case 'kickdown-travel':
        return traceKickdown(c, trace)
      case 'pressure-signal':
        return traceSignal(c, trace)
      case 'crank-tooth':
        return traceTooth(c, trace)
      case 'tooth-frequency':
        return traceFrequency(c, trace)
      case 'crank-signal':
        return traceCrankSignal(c, trace)
      case 'tapping-drill':
        return traceDrill(c, trace, index)
      case 'thermistor':
        return traceThermistor(c, trace, index)
      case 'rotor-overlap':
        return traceRotor(c, trace)
    }
  })

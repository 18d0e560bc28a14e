import { banksOf } from '../../engine-top/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'

/** Least overlap of tip and terminal at either end of the advance, degrees of the distributor. Rule of thumb. */
export const LEAST_OVERLAP_DEG = 2
const HAIR_DEG = 1e-9

/** Where the rotor stands under the cap as the spark comes, over the whole range of advance. */
const judgeRotor = (c: EngineTopCase): EngineTopVerdict | null => {
  const { hasRotor, rotor, rotorCase, rotorMissing } = c.ignition
  if (!hasRotor) return null
  const base = { ...plain, id: 'rotor', source: 'geometry: the rotor turns half as far as the crank' }
  if (rotor === null || rotorCase === null)
    return {
      ...base,
      title: 'Rotor phasing not measured',
      state: 'unknown',
      next: say`Cut a window into an old cap, and look at the rotor with the timing light`,
      reason: say`Not known: ${rotorMissing.join(', ')}.`,
    }
  const { centredOverlapDeg, ends, how, overlapDeg, referenceDeg, turnDeg } = rotor
  const short = overlapDeg < LEAST_OVERLAP_DEG - HAIR_DEG
  const between = overlapDeg < -HAIR_DEG
  const [least, , most] = ends
  const end = least.overlapDeg <= most.overlapDeg ? 'minimum' : 'maximum'
  const way = turnDeg > 0 ? 'with rotor rotation' : 'against rotor rotation'
  const turn = fig(Math.abs(turnDeg), 'angle', 1)
  return {
    ...base,
    title: between ? `Rotor between two terminals at ${end} advance` : short ? `Rotor hardly meets its terminal at ${end} advance` : 'Rotor meets its terminal over the whole advance',
    state: between ? 'stop' : short ? 'caution' : 'ok',
    figureName: `overlap, ${end} advance`,
    figure: fig(overlapDeg, 'angle', 1),
    limitName: 'at least',
    limit: fig(LEAST_OVERLAP_DEG, 'angle', 1),
    margin: fig(overlapDeg - LEAST_OVERLAP_DEG, 'angle', 1),
    next:
      centredOverlapDeg < LEAST_OVERLAP_DEG
        ? say`Centred there is an overlap of ${fig(centredOverlapDeg, 'angle', 1)} only: a wider rotor, or less advance`
        : how === 'rotor-or-reluctor'
          ? say`${c.system?.timing === 'none' ? 'The housing sets base timing' : 'The ECU’s angle is fixed'}, so it cannot be turned for this: move the rotor on its shaft by ${turn}, ${turnDeg > 0 ? 'against rotation' : 'with rotation'}, or the reluctor`
          : referenceDeg === 0
            ? say`Turn the housing by ${turn} ${way}; base timing stays, the pick-up is on the crank`
            : say`Turn the housing by ${turn} ${way}, and tell the ECU ${fig(Math.abs(referenceDeg), 'angle', 1)} ${referenceDeg > 0 ? 'less' : 'more'} before top dead centre`,
    reason: short
      ? say`The spark jumps to the neighbour, or inside the cap: misfire under load, burnt terminals.`
      : say`From ${fig(rotorCase.leastAdvanceDeg, 'angle', 0)} to ${fig(rotorCase.mostAdvanceDeg, 'angle', 0)} of advance; only what does not turn the rotor’s shaft counts.`,
    workings: ['rotor-overlap'],
  }
} // prettier-ignore

/** Who makes the advance: one of both, never both, never nobody. */
const judgeLock = (c: EngineTopCase): EngineTopVerdict | null => {
  const timing = c.system?.timing
  const { can, weights } = c.ignition.entry
  const base = { ...plain, id: 'advance-lock', source: 'trade practice' }
  if (timing === 'locked-distributor' || (timing === 'crank-trigger' && c.ignition.entry.coils === 'one')) {
    const free = weights === 'free'
    const sucked = can === 'connected'
    const open = weights === null || can === null
    return {
      ...base,
      title: free ? 'Advance weights not locked' : sucked ? 'Vacuum advance still connected' : open ? 'Lock-out not checked' : 'Distributor locked',
      state: free || sucked ? 'stop' : open ? 'unknown' : 'ok',
      next: free ? say`Lock the weights: weld, bolt or a plate, then check that the shaft has no play` : say`Take the can off, or plug it and lock its plate`,
      reason: free || sucked ? say`Two advances add up: the ECU’s and the distributor’s. It pinks, and holes a piston.` : say`All advance is the ECU’s.`,
    }
  }
  if (timing === 'none') {
    const locked = weights === 'locked'
    if (!locked && !(c.oldAdvance === 'mechanical-and-vacuum' && can === 'plugged')) return null
    return {
      ...base,
      title: locked ? 'Weights locked, and nothing else advances the spark' : 'Vacuum advance plugged',
      state: locked ? 'stop' : 'caution',
      next: locked ? say`Free the weights, or let the ECU control the timing` : say`Connect it to a port of its kind`,
      reason: locked ? say`The ECU leaves the ignition alone here: no power, and a hot exhaust.` : say`At part load it runs late: more fuel, a hotter exhaust.`,
    }
  }
  return null
} // prettier-ignore

/** What the ECU's output gives and what the coil bears. */
const judgeDriver = (c: EngineTopCase): EngineTopVerdict | null => {
  const timing = c.system?.timing
  if (timing === undefined || timing === 'none') return null
  const { box, coil, output } = c.ignition.entry
  const base = { ...plain, id: 'coil-driver', source: 'trade practice; the maker’s sheets decide' }
  if (box === null || output === null || (box === 'none' && coil === null))
    return {
      ...base,
      title: 'Coil and driver not checked',
      state: 'unknown',
      next: say`Read in both sheets: plain coil or coil with its own driver; coil driver or logic output`,
      reason: say`The wrong pair is destroyed within seconds of key-on.`,
    }
  const kills =
    box !== 'none'
      ? output === 'coil-driver'
        ? 'A coil driver into an ignition box'
        : null
      : output === 'logic' && coil === 'plain'
        ? 'Plain coil on a logic output'
        : output === 'coil-driver' && coil === 'own-driver'
          ? 'Coil with its own driver on a coil driver'
          : null
  return {
    ...base,
    title: kills ?? 'Coil and driver match',
    state: kills ? 'stop' : 'ok',
    next: box !== 'none' ? say`Set the output to logic` : output === 'logic' ? say`An igniter between them, or a coil with its own driver` : say`Set the output to logic, or a plain coil`,
    reason: kills ? say`Do not switch on: coil current through a logic output burns the ECU; a driver’s current through a logic input burns the coil.` : box !== 'none' ? say`The box drives the coil; the ECU only tells it when.` : say`Dwell by the coil’s sheet, not by habit.`,
  }
} // prettier-ignore

/** Where rpm comes from while the old ignition stays, or a box drives the coil. */
const judgeTach = (c: EngineTopCase): EngineTopVerdict | null => {
  if (c.system === null || c.system.trigger !== 'coil') return null
  const { box, tachFrom } = c.ignition.entry
  const boxed = box === 'external-box' || (box === null && c.oldIgnition === 'external-box')
  const shocked = boxed && tachFrom === 'coil-minus'
  return {
    ...plain,
    id: 'tach',
    title: tachFrom === null ? 'Source of rpm not chosen' : shocked ? 'ECU reads rpm from the coil of an ignition box' : 'ECU reads rpm',
    state: tachFrom === null ? 'unknown' : shocked ? 'stop' : 'ok',
    next: boxed ? say`Use the tach output of the box` : say`Take it from coil negative, by a lead of its own`,
    reason: shocked ? say`A box puts some 400 V on the coil, and several sparks a stroke: the ECU’s input dies or miscounts.` : say`With a box the ECU reads its tach output only; else coil negative.`,
    source: 'trade practice',
  }
} // prettier-ignore

/** The ECU never hangs on a coil's feed, least of all behind a ballast resistor. */
const judgeEcuFeed = (c: EngineTopCase): EngineTopVerdict | null => {
  if (c.system === null) return null
  const { ecuFedFrom } = c.ignition.entry
  const ballast = c.coilResistor === true
  const onCoil = ecuFedFrom === 'coil-plus'
  return {
    ...plain,
    id: 'ecu-feed',
    title: ecuFedFrom === null ? 'Feed of the ECU not checked' : !onCoil ? 'ECU has a feed of its own' : ballast ? 'ECU fed through the ballast resistor' : 'ECU fed from the coil',
    state: ecuFedFrom === null ? 'unknown' : !onCoil ? 'ok' : ballast ? 'stop' : 'caution',
    next: say`A keyed lead that is live in start as well, by a relay from the battery`,
    reason: onCoil ? (ballast ? say`Behind it there are 6 to 9 V, less while the coil draws: the ECU resets.` : say`Every spark pulls at its supply.`) : say`Coil positive, and above all what lies behind a ballast resistor, is no feed for an ECU.`,
    source: 'trade practice',
  }
} // prettier-ignore

/** The sensor that times the spark against the ECU's input. */
const judgePickUp = (c: EngineTopCase): EngineTopVerdict | null => {
  if (c.system === null || c.system.trigger === 'coil') return null
  const { sensor } = c.ignition
  const { ecuReads, polarity } = c.ignition.entry
  const wrong = sensor !== null && ecuReads !== null && sensor !== ecuReads
  const coil = sensor === 'variable-reluctance'
  const open = sensor === null || ecuReads === null || (coil && polarity === null)
  const swapped = coil && polarity === 'swapped'
  return {
    ...plain,
    id: 'pick-up',
    title: wrong ? 'Pick-up does not suit the ECU’s input' : swapped ? 'Pick-up polarity swapped' : open ? 'Pick-up not checked' : 'Pick-up suits the ECU’s input',
    state: wrong || swapped ? 'stop' : open ? 'unknown' : 'ok',
    next: wrong ? say`Set the input for this pick-up, or fit the other kind` : swapped ? say`Swap its two wires` : say`Kind by its wires: two, a coil; three, Hall. Polarity by the ECU’s manual`,
    reason: wrong ? say`A Hall sensor gives a square edge, a coil a swing through zero: no rpm, or rpm that drops out.` : swapped ? say`It triggers on the slow edge: timing drifts with speed.` : say`Without it there is no spark, or one at the wrong time.`,
    source: 'trade practice',
  }
} // prettier-ignore

/** Firing order and what follows from it. */
const judgeFiring = (c: EngineTopCase): (EngineTopVerdict | null)[] => {
  const { entry, firing, intervalsTrouble, numbering, order, orderTrouble } = c.ignition
  if (c.system === null) return []
  const base = { ...plain, id: 'firing', source: 'firing order; companions stand 360° apart' }
  if (order === null || intervalsTrouble !== null || firing === null)
    return [
      {
        ...base,
        title: orderTrouble === null ? 'Firing intervals cannot be' : 'Firing order not known',
        state: 'unknown',
        next: orderTrouble === null ? say`Enter one angle for each firing` : say`Read it off the manifold, the manual, or cap and leads in the way the rotor turns`,
        reason: say`${orderTrouble ?? intervalsTrouble ?? ''}`,
      },
    ]
  const banked = order.length > 1 && c.layout !== 'inline' && c.layout !== null
  const uneven = c.system.injection === 'port' && c.system.firing === 'batch' && !firing.railsEven
  const groups: EngineTopVerdict =
    banked && numbering === null
      ? {
          ...base,
          title: 'Numbering of the banks not known',
          state: 'unknown',
          next: say`Look at the casting or the manual: one bank after the other, or from bank to bank`,
          reason: say`Without it the rail of each injector is not known.`,
        }
      : {
          ...base,
          title: uneven ? 'Batch groups load one fuel rail more than the other' : `Firing order ${order.join('-')}`,
          state: uneven ? 'caution' : 'ok',
          next: say`Sequential firing, or one rail for both banks`,
          reason: uneven
            ? say`Group by group one rail feeds ${firing.onRail.map((r) => r.join(' and ')).join('; the other ')}: its pressure falls more.`
            : say`Groups ${firing.groups.map((g) => g.join('-')).join(' and ')}; companions ${firing.companions ? firing.companions.map((p) => p.join(' and ')).join(', ') : 'none'}.`,
        }
  const paired = c.system.timing === 'crank-trigger' && (entry.coils === 'pairs' || (entry.coils === 'one-each' && c.sensors.entry.phase === 'none'))
  const coils: EngineTopVerdict | null =
    c.system.timing !== 'crank-trigger'
      ? null
      : entry.coils === null
        ? { ...plain, id: 'coils', title: 'Coils not chosen', state: 'unknown', next: say`One for two cylinders, or one for each`, reason: say`Number of drivers, wires and trigger follow from it.`, source: 'trade practice' }
        : paired && firing.companions === null
          ? {
              ...plain,
              id: 'coils',
              title: 'Wasted spark on an engine without companions',
              state: 'stop',
              next: say`A coil for each cylinder, with a cam signal`,
              reason: order.length % 2 === 1 ? say`With ${fig(order.length, 'count')} cylinders no two rise together: the second spark lights a charge.` : say`These intervals have no two cylinders 360° apart: the second spark lights a charge.`,
              source: 'companions stand 360° apart',
            }
          : { ...plain, id: 'coils', title: paired ? 'Wasted spark: companions rise together' : 'Coils suit the firing order', state: 'ok', reason: say`${firing.companions ? `Companions: ${firing.companions.map((p) => p.join(' and ')).join(', ')}.` : 'Each cylinder has its own.'}`, source: 'companions stand 360° apart' }
  return [groups, coils]
} // prettier-ignore

/** Cylinders of the banks by their numbering, against those that the exhaust has on each bank and so on each sensor. */
const judgeBanks = (c: EngineTopCase): EngineTopVerdict | null => {
  const { numbering, order } = c.ignition
  const pipes = c.exhaustBanks.filter((b) => b.length > 0)
  if (order === null || numbering === null || numbering === 'one-row' || pipes.length < 2) return null
  const banks = banksOf(order.length, numbering)
  const listed = (of: readonly (readonly number[])[]) => of.map((b) => [...b].sort((x, y) => x - y).join('-')).sort()
  const same = listed(banks).join(' ') === listed(pipes).join(' ')
  return {
    ...plain,
    id: 'banks',
    title: same ? 'Banks agree with the exhaust' : 'Banks differ from those of the exhaust',
    state: same ? 'ok' : 'stop',
    next: say`Look at the casting, and enter the true cylinders here or at the exhaust`,
    reason: same
      ? say`${c.system?.oxygenSensors === 2 ? 'Sensor A' : 'One pipe'} has ${pipes[0]!.join('-')}, ${c.system?.oxygenSensors === 2 ? 'sensor B' : 'the other'} ${pipes[1]!.join('-')}.`
      : say`By the numbering ${banks.map((b) => b.join('-')).join(' and ')}, at the exhaust ${pipes.map((b) => b.join('-')).join(' and ')}: the ECU would correct one bank by the other’s sensor.`,
    source: 'numbering against the pipes',
  }
} // prettier-ignore

/** Which end number one is at, and whether every wire leads where its number says. */
const judgeWires = (c: EngineTopCase): (EngineTopVerdict | null)[] => {
  if (c.system === null || c.ignition.order === null) return []
  const { entry, fromWrongEnd, wires } = c.ignition
  const from = c.numberedFrom
  const otherEnd = from !== null && entry.labelledFrom !== null && from !== entry.labelledFrom
  const wrongEnd = otherEnd || fromWrongEnd
  const END = { front: 'front', bulkhead: 'bulkhead end' } as const
  const numberOne: EngineTopVerdict = {
    ...plain,
    id: 'number-one',
    title: wrongEnd ? 'Number one at the wrong end' : from === null || entry.labelledFrom === null ? 'Number one not proved' : `Number one at the ${END[from]}`,
    state: wrongEnd ? 'stop' : from === null || entry.labelledFrom === null ? 'unknown' : 'ok',
    next: wrongEnd ? say`Label the wires again, from the ${from === null ? 'other end' : END[from]}` : say`Thumb over plug hole one, turn to compression: the rotor faces number one’s terminal`,
    reason: fromWrongEnd ? say`Every wire that was traced ends at the cylinder counted from the other end.` : otherEnd ? say`The engine is numbered from the ${END[from]}, the wires from the ${END[entry.labelledFrom]}.` : say`Makers count from either end; the timing light’s clamp goes on this lead.`,
    source: 'walk-around against labels and continuity',
  }
  const wrong = wires.filter((w) => w.right === false)
  const done = wires.filter((w) => w.right !== null)
  const [first] = wrong
  const KIND = { injector: 'Injector', coil: 'Coil', plug: 'HT lead' } as const
  const proved: EngineTopVerdict | null =
    wires.length === 0
      ? null
      : {
          ...plain,
          id: 'wires',
          title: first ? `${KIND[first.kind]} ${first.number} leads to cylinder ${first.found!}` : done.length === wires.length ? 'Every wire leads where its number says' : 'Not every wire traced',
          state: first ? 'stop' : done.length === wires.length ? 'ok' : 'unknown',
          figureName: 'proved right',
          figure: fig(done.length - wrong.length, 'count'),
          limitName: 'wires',
          limit: fig(wires.length, 'count'),
          next: first ? say`Find its partner and label both again, then trace them once more` : say`Meter from the loom’s end to each plug, one at a time, by the continuity sheet`,
          reason: first ? say`${wrong.length === 1 ? 'A wire that ends elsewhere' : 'Wires that end elsewhere'}: backfire, or one cylinder drowned and its neighbour lean.` : say`What is not traced before it is joined is found by backfiring.`,
          source: 'continuity',
          ...(first && wrongEnd && { effectOf: 'number-one' }),
        }
  return [numberOne, proved]
} // prettier-ignore

/** Ignition: rotor, advance, coil and driver, rpm, feed, pick-up, firing groups, number one and its wires. */
export const judgeIgnition = (c: EngineTopCase): (EngineTopVerdict | null)[] =>
  c.begun
    ? [
        judgeRotor(c),
        judgeLock(c),
        judgeDriver(c),
        judgeTach(c),
        judgeEcuFeed(c),
        judgePickUp(c),
        ...judgeFiring(c),
        judgeBanks(c),
        ...judgeWires(c),
      ]
    : []

import { isPlaced } from '../../exhaust/spots/obstacles.ts'
import { fig, plain, say, type Sentence, type VerdictState } from '../../verdict/index.ts'
import type { RunId } from '../../sections/index.ts'
import { chosenSpots, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'

const PRACTICE = 'trade practice'

/** Can the stretch with the sensor come off the car, to be drilled and welded on a bench and to be mended later? */
export const judgeComesApart = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.comesApart === null || c.runs.length === 0) return null
  const welded = c.comesApart === 'welded'
  const flanged = c.exhaust.flanged === true
  return {
    ...plain,
    id: 'comes-apart',
    title: !welded ? 'Pipe comes off the car' : flanged ? 'Welded pipe made removable' : 'Pipe welded end to end',
    state: welded && !flanged ? 'caution' : 'ok',
    next: say`Cut it where flanges are easy to reach, and weld them on while at it`,
    reason: !welded
      ? say`It comes apart at ${c.comesApart === 'flanges' ? 'flanges' : 'slip joints'}: drill, weld and deburr on the bench. Every joint that is opened gets a new seal.`
      : flanged
        ? say`Two flanges with gaskets, half a metre clear of the sensor or welded tight: they are two joints more to be tested.`
        : say`Drilled under the car, chips fall into the pipe and the weld is overhead.`,
    source: PRACTICE,
  }
}

/** Holes and welds before coating, a pressure test before and after it. */
export const judgeCoating = (c: ExhaustCase): ExhaustVerdict | null => {
  const { coating, benchBefore, benchAfter } = c.exhaust
  if (coating === null && benchBefore === null && benchAfter === null) return null
  const base = { ...plain, id: 'coating', source: PRACTICE }
  if (benchAfter === 'leaks' || benchBefore === 'leaks')
    return {
      ...base,
      title: 'Pipework leaks on the bench',
      state: 'stop',
      next: say`Weld it, and test again before it goes back`,
      reason:
        benchAfter === 'leaks' && benchBefore === 'tight'
          ? say`Tight before coating and leaking after it: blasting opened a pin-hole, or a flange warped.`
          : say`Found leaking off the car, where it can be mended: on the car nobody hears it. Enter the test again once it is tight.`,
    }
  if (coating === 'before-holes')
    return {
      ...base,
      title: 'Coated before the last hole',
      state: 'stop',
      next: say`Holes and welds first, then the coating`,
      reason: say`The weld burns the coating off where it is hottest, its fumes are poisonous, and flakes of it go down the pipe.`,
    }
  const open = benchBefore === null || (coating === 'after-holes' && benchAfter === null)
  return {
    ...base,
    title: open ? 'Pressure test of the pipework open' : 'Pipework tested tight off the car',
    state: open ? 'unknown' : 'ok',
    next:
      benchBefore === null
        ? say`Plug both ends, low air pressure, soapy water on every weld, before anything is coated`
        : say`The same test again after coating`,
    reason: open
      ? say`Off the car it takes ten minutes; on it a pin-hole near the sensor takes days.`
      : coating === 'after-holes'
        ? say`Tight before and after coating, which went on last.`
        : coating === 'none'
          ? say`Tight. Nothing is coated.`
          : say`Tight. Decide about coating: it goes on after the last hole and weld.`,
  }
}

const POISON_WORDS = {
  lead: 'lead',
  'metal-additive': 'an additive with metal in it',
  silicone: 'silicone that is not marked sensor-safe',
  coolant: 'burnt coolant',
  oil: 'burnt oil',
  'anti-seize': 'anti-seize near the tip',
} as const
const POISON_CURES: Readonly<Record<keyof typeof POISON_WORDS, string>> = {
  lead: 'Run it on unleaded first; a spare sensor in the boot',
  'metal-additive': 'Leave the additive out from now on',
  silicone: 'Renew those joints with a sealant marked sensor-safe, before the sensor goes in',
  coolant: 'Find the gasket that lets coolant in: glycol kills a sensor in hours',
  oil: 'Rings and guides first',
  'anti-seize': 'Clean the thread; only what the sensor’s maker allows, and none near the tip',
}

/** What coats or poisons the tip, as the walk-around found it. */
export const judgePoisons = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.poisons.length === 0 || c.sensorCount === 0) return null
  const found = c.poisons.filter((p) => p !== 'none')
  const [first] = found
  const kills = found.includes('coolant') || found.includes('silicone')
  return {
    ...plain,
    id: 'poisons',
    title: first ? 'Something here poisons sensors' : 'Nothing found that poisons sensors',
    state: kills ? 'stop' : first ? 'caution' : 'ok',
    next: first ? say`${POISON_CURES[kills ? (found.includes('coolant') ? 'coolant' : 'silicone') : first]}` : say``,
    reason: first
      ? say`Found at the walk-around: ${found.map((p) => POISON_WORDS[p]).join(', ')}. It reads right at first, then slowly, then lean.`
      : say`Asked and looked for: lead, additives, silicone, coolant, oil, anti-seize.`,
    source: PRACTICE,
  }
}

/** An air pump that was taken off leaves holes, a belt and a question of law. */
export const judgeAirPump = (c: ExhaustCase): ExhaustVerdict | null => {
  const { airInjection, airPump } = c.exhaust
  if (airInjection !== 'removed') return null
  const has = (what: (typeof airPump)[number]) => airPump.includes(what)
  const left: { readonly state: VerdictState; readonly says: string; readonly next: Sentence }[] = [
    ...(has('ports-plugged') ? [] : [{ state: 'stop' as const, says: 'its ports in head or manifold are open: outside air goes straight to the sensor', next: say`Plug every port with a threaded plug` }]),
    ...(has('allowed') ? [] : [{ state: 'caution' as const, says: 'nobody has asked whether it may come off here', next: say`Ask the local inspection before the road` }]),
    ...(has('belt-fits') ? [] : [{ state: 'caution' as const, says: 'the belt that ran over it needs another length', next: say`Measure the belt’s way without the pump` }]),
    ...(has('bracket-off') ? [] : [{ state: 'caution' as const, says: 'its bracket still stands in the way or hangs loose', next: say`Take the bracket off, or bolt it down` }]),
  ] // prettier-ignore
  const [first] = left
  return {
    ...plain,
    id: 'air-pump',
    title: first ? 'Left over from the air pump' : 'Air pump removed properly',
    state: first?.state ?? 'ok',
    next: first?.next ?? say``,
    reason: first
      ? say`${left
          .map((l) => l.says)
          .join('; ')
          .replace(/^./, (x) => x.toUpperCase())}.`
      : say`Ports plugged, belt and bracket seen to, removal allowed here.`,
    source: 'oxygen balance; local rules decide on emissions equipment',
  }
}

/** The bank on the side of the steering; null where the sides of the banks are not known. */
const runAtSteering = (c: ExhaustCase): RunId | null => {
  const sign = c.steering === 'left' ? -1 : 1
  const index = c.exhaust.banks.findIndex((b) => b.portAcrossM !== null && b.portAcrossM * sign > 0)
  return index < 0 ? null : index === 0 ? 'a' : 'b'
}

/** Steering sits beside one bank: has anybody measured it there, from lock to lock? */
export const judgeSteeringSide = (c: ExhaustCase): ExhaustVerdict | null => {
  if (c.steering === null || c.runs.length === 0) return null
  const run = runAtSteering(c)
  if (run === null) return null
  const bank = run === 'a' ? 'bank A' : 'bank B'
  const all = c.exhaust.obstacles.filter((o) => o.steering)
  const entered = all.filter((o) => o.run === run || o.run === 'common')
  const elsewhere = entered.length === 0 ? all[0] : undefined
  const open = entered.find((o) => !isPlaced(o) || (o.moves && o.otherGapM === null))
  const measured = entered.length > 0 && !open
  return {
    ...plain,
    id: 'steering-side',
    title: measured
      ? 'Steering measured against the exhaust'
      : open
        ? 'Steering entered, but not measured'
        : elsewhere
          ? 'Steering entered near the other bank'
          : 'Steering not measured against the exhaust',
    state: measured ? 'ok' : 'unknown',
    next: open
      ? say`Measure ${open.name}: its place and its gap${open.moves ? ' at both locks' : ''}`
      : elsewhere
        ? say`Check the run of ${elsewhere.name}, and the side of the steering at the walk-around`
        : say`Enter the steering as an obstacle near ${bank}, its gap at both locks`,
    reason: measured
      ? say`It sits on the ${c.steering!}, beside ${bank}.`
      : say`It sits on the ${c.steering!}, beside ${bank}. What clears the pipe straight ahead may touch it at full lock.`,
    source: 'walk-around; obstacles',
  }
}

/** The largest hole against the largest drill. */
export const judgeDrill = (c: ExhaustCase): ExhaustVerdict | null => {
  const { bung } = c.exhaust
  if (!bung || c.drillM === null || chosenSpots(c).length === 0) return null
  const short = c.drillM < bung.holeM - 1e-6
  return {
    ...plain,
    id: 'drill',
    title: short ? 'Hole larger than any drill you have' : 'Drill for the hole at hand',
    state: short ? 'caution' : 'ok',
    figureName: 'hole',
    figure: fig(bung.holeM, 'bore'),
    limitName: 'largest drill',
    limit: fig(c.drillM, 'bore'),
    margin: fig(c.drillM - bung.holeM, 'bore'),
    next: say`Buy or borrow a step drill or a hole punch; else a ring of pilot holes and a half-round file to the scribed circle`,
    reason: short
      ? say`Opened with a grinder it is never round, and the bung’s weld or gasket has to bridge it.`
      : say`Pilot first, then up in steps.`,
    source: 'catalogue; walk-around',
  }
}

import { CONDITION_WORDS, SHORT_SHARE } from '../../power/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { midSentence } from '../../words/index.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'
import type { WireCheck } from './wireChecks.ts'

type Fused = WireCheck & { readonly fuse: NonNullable<WireCheck['fuse']> }
const fusedOf = (c: PowerCase): Fused[] => c.wireChecks.filter((w): w is Fused => w.fuse !== null)
const name = (c: PowerCase, w: WireCheck): string => c.labels[w.role] ?? w.role
const least = <T>(items: readonly T[], of: (item: T) => number): T | null =>
  items.reduce<T | null>((a, b) => (a === null || of(b) < of(a) ? b : a), null)

/** Fuses that let more through than the thinnest wire behind them bears. */
export const judgeThinLeads = (c: PowerCase): PowerVerdict | null => {
  const worst = least(fusedOf(c), (w) => w.fuse.thinnest.bearsA - w.fuse.ratingA)
  if (!worst) return null
  const { ratingA, thinnest } = worst.fuse
  const wire = c.supply.wires[thinnest.role]
  const margin = thinnest.bearsA - ratingA
  const thin = margin < 0
  const called = c.labels[thinnest.role] ?? thinnest.role
  return {
    ...plain,
    id: 'thin-lead',
    title: thin ? `${called} too thin for its fuse` : 'Fuses against their wires',
    state: thin ? 'stop' : 'ok',
    figureName: 'fuse',
    figure: fig(ratingA, 'current', 0),
    limitName: 'wire bears',
    limit: fig(thinnest.bearsA, 'current', 0),
    margin: fig(margin, 'current', 0),
    next: say`A smaller fuse that still carries the load, or a thicker wire`,
    reason: thin
      ? say`${wire.sizeWords} at ${fig(wire.ambientK, 'temperature', 0)} among ${fig(wire.loadedWires, 'count')} loaded wires: the fuse protects the wire, not the device. Refuse a kit lead like this, whatever the leaflet says.`
      : say`The closest is the ${midSentence(called)}, ${wire.sizeWords}.`,
    source: 'steady rise of temperature, class of the insulation, bundle; a tenth less: rule of thumb',
  }
}

/** Does every fuse carry what flows for good? */
export const judgeFuseLoad = (c: PowerCase): PowerVerdict | null => {
  const worst = least(fusedOf(c), (w) => w.fuse.ratingA - w.fuse.leastA)
  if (!worst) return null
  const { ratingA, leastA, choices, continuousA } = worst.fuse
  const small = ratingA < leastA
  const [choice] = choices
  return {
    ...plain,
    id: 'fuse-load',
    title: small ? `${name(c, worst)}: fuse too small for its load` : 'Fuses against their loads',
    state: small ? (ratingA < continuousA ? 'stop' : 'caution') : 'ok',
    figureName: 'fuse',
    figure: fig(ratingA, 'current', 1),
    limitName: 'at least',
    limit: fig(leastA, 'current', 1),
    margin: fig(ratingA - leastA, 'current', 1),
    next: choice === undefined ? say`No standard fuse lies between load and wire: fit a thicker wire` : say`Fit a fuse of ${fig(choice, 'current')}`, // prettier-ignore
    reason: small
      ? say`${CONDITION_WORDS[worst.continuousIn]}: ${fig(continuousA, 'current', 1)} continuous. A fuse carries three quarters of its rating, less where it is hot.`
      : say`The closest is the ${midSentence(name(c, worst))}: ${fig(continuousA, 'current', 1)} continuous.`,
    source: 'three quarters of the rating, 0.12 % less a kelvin above 25 °C: typical, rule of thumb',
    pointId: worst.continuousIn,
  }
} // prettier-ignore

/** Above it an inrush that is repeated tires a fuse. Rule of thumb. */
const WEAR = 0.3

/** Does every fuse bear the inrush of its motor? */
export const judgeFuseInrush = (c: PowerCase): PowerVerdict | null => {
  const worst = least(fusedOf(c), (w) => -w.fuse.wear)
  if (!worst || worst.fuse.inrush === null) return null
  const { inrush, ratingA, wear } = worst.fuse
  return {
    ...plain,
    id: 'fuse-inrush',
    title: wear > WEAR ? `${name(c, worst)}: fuse tires at every start of its motor` : 'Fuses bear the inrush of their motors',
    state: wear > WEAR ? 'caution' : 'ok',
    figureName: 'inrush',
    figure: fig(inrush.peakA, 'current', 0),
    limitName: 'fuse',
    limit: fig(ratingA, 'current', 0),
    margin: fig(WEAR - wear, 'share', 0),
    marginIs: 'apart',
    next: say`A larger fuse where the wire bears it, a slower bolt-in fuse, or a soft start`,
    reason: say`${name(c, worst)}: from ${fig(inrush.peakA, 'current', 0)} to ${fig(inrush.settlesAtA, 'current', 0)}. Each start takes ${fig(wear, 'share', 0)} of what a fuse at the early end of its standard bears.`,
    source: 'operating times of blade fuses: ISO 8820, from memory; 30 %: rule of thumb',
  }
} // prettier-ignore

/** Does a short at the far end blow the fuse before the wire is hurt? */
export const judgeFuseShort = (c: PowerCase): PowerVerdict | null => {
  const worst = least(fusedOf(c), (w) => (w.fuse.short.clears ? 1000 : 0) + w.fuse.short.currentA / w.fuse.ratingA)
  if (!worst) return null
  const { ratingA, short } = worst.fuse
  const times = short.currentA / ratingA
  const weak = times < SHORT_SHARE
  return {
    ...plain,
    id: 'fuse-short',
    title: !short.clears
      ? `${name(c, worst)}: a short at its end does not blow the fuse in time`
      : weak
        ? `${name(c, worst)}: a short at its end blows the fuse late`
        : 'A short anywhere blows its fuse',
    state: !short.clears ? 'stop' : weak ? 'caution' : 'ok',
    figureName: 'short at the far end',
    figure: fig(short.currentA, 'current', 0),
    limitName: 'at least',
    limit: fig(SHORT_SHARE * ratingA, 'current', 0),
    margin: fig(short.currentA - SHORT_SHARE * ratingA, 'current', 0),
    next: say`A thicker or shorter wire, a smaller fuse, a sound strap between body and battery`,
    reason: Number.isFinite(short.opensWithinS)
      ? say`${name(c, worst)}: the fuse opens within ${fig(short.opensWithinS, 'time', 1)}; the wire bears that current for ${fig(short.wireBearsS, 'time', 1)}.`
      : say`${name(c, worst)}: so small a current need not open a fuse of ${fig(ratingA, 'current', 0)} at all.`,
    source: 'solved network with the short in it; ISO 8820 and IEC 60364-4-43, from memory; five times: rule of thumb',
  }
}

/** Wires without a verdict of their own that drop more than they should. */
const OWN_RULE = ['starterCable', 'batteryEarth', 'engineStrap', 'bodyStrap', 'ecuFeed', 'ecuEarth', 'pumpFeed', 'pumpEarth'] // prettier-ignore
export const judgeWireDrops = (c: PowerCase): PowerVerdict | null => {
  const worst = least(
    c.wireChecks.filter((w) => !OWN_RULE.includes(w.role)),
    (w) => w.limitV - w.dropV,
  )
  if (!worst) return null
  const over = worst.dropV > worst.limitV
  return {
    ...plain,
    id: 'wire-drop',
    title: over ? `${name(c, worst)} drops too much` : 'Voltage drop of the other wires',
    state: over ? (worst.dropV > 2 * worst.limitV ? 'stop' : 'caution') : 'ok',
    figureName: 'drop',
    figure: fig(worst.dropV, 'voltage', 2),
    limitName: 'at most',
    limit: fig(worst.limitV, 'voltage', 1),
    margin: fig(worst.limitV - worst.dropV, 'voltage', 2),
    next: say`A thicker or shorter wire, clean terminals`,
    reason: say`${name(c, worst)}, ${worst.wire.sizeWords}, ${fig(worst.outAndBackM, 'distance', 1)} out and back: ${CONDITION_WORDS[worst.dropIn].toLowerCase()}.`,
    source: worst.limitIs,
    pointId: worst.dropIn,
  }
}

import { NODE, type ConditionId } from '../../power/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { midSentence } from '../../words/index.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'

const nodeV = (c: PowerCase, condition: ConditionId, node: string): number | null =>
  c.solved.at[condition].nodesV[node] ?? null

/** Earth legs while cranking: 0.1 to 0.2 V each. From memory of handbooks. */
const LEG_V = 0.2
const POOR_V = 0.5

const STRAPS = [
  ['battery-engine', 'block', 'Battery to engine'],
  ['engine-body', 'body', 'Engine to body'],
] as const

/** Earth side while cranking: what lifts the engine, and what lifts the body. */
export const judgeEarths = (c: PowerCase): PowerVerdict[] =>
  STRAPS.map(([leg, id, title]): PowerVerdict => {
    const block = nodeV(c, 'crank-cold', NODE.block)
    const body = nodeV(c, 'crank-cold', NODE.bodyFront)
    const lift = leg === 'battery-engine' ? block : block === null || body === null ? null : Math.abs(block - body)
    const base = { ...plain, id: `earth-${id}`, source: 'solved network; 0.2 V for an earth leg while cranking: handbook practice, from memory' } // prettier-ignore
    const { batteryEarth, engineStrap, bodyStrap } = c.supply.wires
    if (lift === null)
      return {
        ...base,
        title: `${title}: no connection`,
        state: 'stop',
        reason: say`No earth strap leads there. Fit one.`,
      }
    const noStrap =
      leg === 'battery-engine' ? !batteryEarth.fitted && !(engineStrap.fitted && bodyStrap.fitted) : !engineStrap.fitted
    const bad = lift > POOR_V || noStrap
    const { earths } = c.found
    const unseen = (leg === 'battery-engine' ? earths.batteryToEngine : earths.engineToBody) === null && !bad
    return {
      ...base,
      title: unseen
        ? `${title}: nobody has looked for the strap`
        : noStrap
          ? `${title}: earth strap missing`
          : lift > LEG_V
            ? `${title}: earth drops too much`
            : `${title}: earth`,
      state: unseen ? 'unknown' : bad ? 'stop' : lift > LEG_V ? 'caution' : 'ok',
      figureName: leg === 'battery-engine' ? 'engine above battery negative' : 'between engine and body',
      figure: fig(lift, 'voltage', 2),
      limitName: 'at most',
      limit: fig(LEG_V, 'voltage', 1),
      margin: fig(LEG_V - lift, 'voltage', 2),
      next: unseen
        ? say`Look for the strap, and undo one end`
        : noStrap
          ? say`Fit a strap of at least 16 mm²`
          : say`Clean both ends to bright metal; a thicker or shorter strap`,
      reason: unseen
        ? say`A sound strap is assumed: without one current returns through throttle cable, bearings and exhaust.`
        : noStrap
          ? say`Current returns through throttle cable, bearings and exhaust instead: readings shift, cables burn.`
          : lift > LEG_V
            ? say`Everything earthed on the engine is lifted by that much while the first fuel is metered.`
            : say`At the coldest start, starter turning.`,
      pointId: 'crank-cold',
    }
  })

/** Legs whose drop somebody may have measured with the starter turning: at most, and from where it fails. Handbooks, from memory. */
const MEASURED_LEGS = [
  ['starterCable', 0.5, 1],
  ['batteryEarth', LEG_V, POOR_V],
  ['engineStrap', LEG_V, POOR_V],
  ['bodyStrap', LEG_V, POOR_V],
] as const

/** Drops that were measured, against their limits: the meter is believed before the figures. */
export const judgeMeasuredLegs = (c: PowerCase): PowerVerdict | null => {
  const measured = MEASURED_LEGS.flatMap(([role, most, fails]) => {
    const dropV = c.power.wires[role].crankDropV
    return dropV === null ? [] : [{ role, most, fails, dropV }]
  })
  if (measured.length === 0) return null
  const worst = measured.reduce((a, b) => (b.dropV - b.most > a.dropV - a.most ? b : a))
  const name = c.labels[worst.role] ?? worst.role
  const over = worst.dropV > worst.most
  return {
    ...plain,
    id: 'measured-leg',
    title: over ? `${name}: measured drop too high` : 'Measured drops while cranking',
    state: worst.dropV > worst.fails ? 'stop' : over ? 'caution' : 'ok',
    figureName: 'measured',
    figure: fig(worst.dropV, 'voltage', 2),
    limitName: 'at most',
    limit: fig(worst.most, 'voltage', 1),
    margin: fig(worst.most - worst.dropV, 'voltage', 2),
    next: say`Clean both ends to bright metal, measure again; then a thicker one`,
    reason: over
      ? say`Something on the way is worse than it looks: a strand, a crimp, paint under a ring.`
      : say`The closest is the ${midSentence(name)}.`,
    source: 'measured; limits of handbooks, from memory',
    pointId: 'crank-warm',
  }
}

const SCHOOL_WORDS = {
  battery:
    'At the battery terminal: the ECU sees none of the starter’s earth drop. Never join sensor earth to the block.',
  block:
    'On the engine block: short leads and ignition current stays on the engine; the ECU rides on the block’s lift while cranking. Sensor earth must not go to the battery.',
  head: 'On the cylinder head, where the coils return: as on the block, with one more joint. Sensor earth must not go to block or battery.',
  body: 'On the body: the strap from engine to body carries coil and injector current. Sensor earth must go to the ECU only.',
} as const

/** Where the ECU's power earth goes: recommended practices differ, judged by lift while cranking. */
export const judgeEcuEarth = (c: PowerCase): PowerVerdict => {
  const ecu = c.solved.at['crank-cold'].parts['ecu'] as { liftV: number | null } | undefined
  const lift = ecu?.liftV ?? null
  const school = c.power.design.ecuEarth
  const base = { ...plain, id: 'ecu-earth', source: 'solved network; 0.5 V while cranking: rule of thumb' }
  if (lift === null)
    return { ...base, title: 'ECU earth connected to nothing', state: 'stop', reason: say`Connect it.` }
  return {
    ...base,
    title: lift > 0.5 ? 'ECU earth lifted while cranking' : 'ECU earth',
    state: lift > 1 ? 'stop' : lift > 0.5 ? 'caution' : 'ok',
    figureName: 'ECU earth above battery negative',
    figure: fig(lift, 'voltage', 2),
    limitName: 'at most',
    limit: fig(0.5, 'voltage', 1),
    margin: fig(0.5 - lift, 'voltage', 2),
    reason: say`${SCHOOL_WORDS[school]}`,
    pointId: 'crank-cold',
  }
}

import { counted } from '../../words/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { HarnessCase, HarnessVerdict } from './harnessCase.ts'

const MOST_NAMED = 4
const named = (list: readonly string[]): string =>
  list.length <= MOST_NAMED
    ? list.join(' ')
    : `${list.slice(0, MOST_NAMED).join(' ')} And ${list.length - MOST_NAMED} more.`

/** The plan itself: there at all, and without mistakes. */
export const judgePlan = (c: HarnessCase): HarnessVerdict => {
  const base = { ...plain, id: 'plan', source: 'the plan as entered' }
  if (c.plan.template === null || c.plan.corridors.length === 0)
    return {
      ...base,
      title: 'No plan of the car yet',
      state: 'unknown',
      next: say`Choose the plan that is nearest to the car on tab “Car”`,
      reason: say`Every length, hole and clip of the loom follows from it.`,
    }
  if (!c.systemChosen)
    return {
      ...base,
      title: 'System not chosen',
      state: 'unknown',
      next: say`Choose the system first`,
      reason: say`What the loom joins follows from it.`,
    }
  const { faults } = c.plan
  return faults.length > 0
    ? {
        ...base,
        title: 'Plan has mistakes',
        state: 'stop',
        next: say`Mend them on tab “Car”`,
        reason: say`${named(faults)}`,
      }
    : {
        ...base,
        title: 'Plan of the car complete',
        state: 'ok',
        reason: say`${counted(c.plan.corridors.length, 'corridor')}, ${counted(c.plan.devices.length, 'device')}: every one has its place.`,
      }
}

/** How much of it was measured. */
export const judgeMeasured = (c: HarnessCase): HarnessVerdict | null => {
  if (c.plan.template === null || c.plan.faults.length > 0 || !c.systemChosen) return null
  const open = c.assumptions.filter((a) => a.field.endsWith('.lengthM')).length
  const all = c.accepted
    ? new Set(c.accepted.route.bundles.map((b) => b.corridor.split('/')[0])).size
    : c.plan.corridors.length
  return {
    ...plain,
    id: 'measured',
    title: open === 0 ? 'Corridors measured by string' : 'Corridors not measured',
    state: open === 0 ? 'ok' : 'unknown',
    figureName: 'measured',
    figure: fig(all - open, 'count'),
    limitName: c.accepted ? 'that the loom takes' : 'of the plan',
    limit: fig(all, 'count'),
    next: say`Run string along them and enter the lengths on tab “Car”`,
    reason:
      open === 0
        ? say`Cut lengths stand on what was measured.`
        : say`Their lengths are estimates for a car of usual size: cut nothing by them.`,
    source: 'string',
  }
}

/** Pins of the ECU against what is joined to them. */
export const judgePins = (c: HarnessCase): HarnessVerdict | null => {
  if (!c.systemChosen) return null
  const base = { ...plain, id: 'pins', source: 'pins of the catalogue' }
  const { pinout, list } = c.circuits
  if (!c.pinsKnown)
    return {
      ...base,
      title: 'ECU pins not known',
      state: 'unknown',
      next: say`Choose an ECU whose pins are in the catalogue, or enter them there`,
      reason: say`The wire list stands without pin numbers: nothing can be pinned by it.`,
    }
  const lacking = [...new Set(list.filter((x) => x.ecuDoes !== null && x.ecuPin === null).map((x) => x.ecuDoes!))]
  const wrong = [
    ...pinout.twice.map((pin) => `Pin ${pin} stands there twice.`),
    ...pinout.faults.map((text) => `“${text}” is no pin with what it is for.`),
    ...lacking.map((does) => `No pin for “${does.replaceAll('-', ' ')}”.`),
  ]
  const bad = pinout.twice.length > 0 || pinout.faults.length > 0
  return {
    ...base,
    title: bad ? 'ECU pins entered wrongly' : lacking.length > 0 ? 'ECU has no pin for some circuits' : 'Every circuit has its ECU pin',
    state: wrong.length === 0 ? 'ok' : 'stop',
    next: bad ? say`Correct the pins of ${c.ecuName ?? 'the ECU'} in the catalogue` : say`Leave those circuits out, or choose another ECU`,
    reason: wrong.length === 0 ? say`Pin by pin from ${c.ecuName ?? 'the ECU'}.` : say`${named(wrong)}`,
  } // prettier-ignore
}

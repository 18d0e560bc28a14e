import { fig, plain, say } from '../../verdict/index.ts'
import { DIVIDER_M, dividerNeed } from './dividerPractices.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'

/** A hair for what a depth rule reads, m. */
const HAIR_M = 1e-3

/** Two planes, a divider between them, and injectors that fire one at a time. */
export const judgeDivider = (c: EngineTopCase): EngineTopVerdict | null => {
  const need = dividerNeed(c)
  if (!c.begun || need === 'not-asked') return null
  const base = { ...plain, id: 'divider', source: 'trade practice; practice differs' }
  if (need === 'unknown')
    return {
      ...base,
      title: c.intake.manifold === null ? 'Kind of manifold not known' : 'How the injectors fire is not known',
      state: 'unknown',
      next:
        c.intake.manifold === null
          ? say`Look down the pad: one open hole, or two levels with a wall between them`
          : say`Read it in the system’s sheet: one injector at a time, or all barrels at once`,
      reason: say`A two-plane manifold and a throttle body that fires one injector at a time feed one plane more than the other.`,
    }
  if (need === 'none')
    return {
      ...base,
      title: 'Divider needs nothing',
      state: 'ok',
      reason:
        c.intake.manifold !== 'two-plane'
          ? say`This manifold is not divided: every cylinder draws from all barrels.`
          : c.intake.divider === 'cut' || c.intake.divider === 'open'
            ? say`The divider is open already, as found.`
            : say`All barrels are fed at once: both planes get the same.`,
    }
  const { cutM, divider } = c.top.manifold
  const spacersM = c.stack.levels.filter((l) => l.kind === 'spacer').reduce((s, l) => s + (l.heightM ?? 0), 0)
  if (divider === null || divider === 'leave')
    return {
      ...base,
      title: divider === null ? 'Divider not decided' : 'Divider left, injectors fire one at a time',
      state: divider === null ? 'unknown' : 'caution',
      next: say`Cut it down, or fit an open spacer above it`,
      reason: say`Fuel of one injector falls on one plane, and the oxygen sensor sits on one bank: rich on one side, lean on the other.`,
    }
  const cut = divider === 'cut'
  const isM = cut ? (cutM ?? 0) : spacersM
  const short = isM < DIVIDER_M - HAIR_M
  const kept = cut && c.originality === 'can-be-undone'
  return {
    ...base,
    title: short
      ? cut
        ? cutM === null
          ? 'Divider: depth of the cut not measured'
          : 'Divider not cut down far enough'
        : 'Spacer above the divider too thin'
      : kept
        ? 'Cut divider cannot be undone'
        : cut
          ? 'Divider cut down'
          : 'Open spacer above the divider',
    state: short ? (cut && cutM === null ? 'unknown' : 'caution') : kept ? 'caution' : 'ok',
    figureName: cut ? 'cut down by' : 'spacers together',
    figure: cut && cutM === null ? null : fig(isM, 'bore', 0),
    limitName: 'about',
    limit: fig(DIVIDER_M, 'bore', 0),
    margin: cut && cutM === null ? null : fig(isM - DIVIDER_M, 'bore', 0),
    next: kept ? say`Fit an open spacer instead, if the bonnet lets it` : say`${cut ? 'Cut it down' : 'Fit a thicker spacer'}: about ${fig(DIVIDER_M, 'bore', 0)} over its length`,
    reason: kept
      ? say`The owner wants a conversion that can be undone: keep the manifold, or find another to cut.`
      : say`Both planes draw from all barrels through the space above the divider.`,
  }
} // prettier-ignore

const HELD_WORDS = {
  'clean-and-dry': 'Gasket held by nothing: clean and dry',
  grease: 'Gasket held by a smear of grease',
  'gasket-dressing': 'Gasket held by petrol-proof dressing',
  silicone: 'Silicone on a gasket that meets petrol',
  glue: 'Contact glue on a gasket',
} as const

/** What may hold a gasket in place while the manifold goes down. */
export const judgeGasketHold = (c: EngineTopCase): EngineTopVerdict | null => {
  const { gasketHeld } = c.top.manifold
  if (!c.begun) return null
  return {
    ...plain,
    id: 'gasket-hold',
    title: gasketHeld === null ? 'What holds the gaskets is not decided' : HELD_WORDS[gasketHeld],
    state: gasketHeld === null ? 'unknown' : gasketHeld === 'silicone' ? 'stop' : gasketHeld === 'glue' ? 'caution' : 'ok',
    next: say`Use a smear of grease, or a dressing that bears petrol`,
    reason:
      gasketHeld === 'silicone'
        ? say`Petrol swells and loosens it: strings of it end in an injector or in a valve.`
        : gasketHeld === 'glue'
          ? say`It holds unevenly and has to be scraped off; a smear of grease does as well.`
          : say`It only has to stay where it is while the part goes down.`,
    source: 'trade practice',
  }
} // prettier-ignore

/** Coolant out before the manifold opens, in and bled after. */
export const judgeCoolant = (c: EngineTopCase): EngineTopVerdict | null => {
  const wet = c.bolts.filter((b) => b.group.opensInto === 'coolant' || b.group.part === 'manifold')
  if (wet.length === 0) return null
  const { bled, coolantOut } = c.top.manifold
  const state =
    coolantOut === false || bled === false ? 'stop' : coolantOut === true && bled === true ? 'ok' : 'unknown'
  return {
    ...plain,
    id: 'coolant',
    title:
      coolantOut === false
        ? 'Manifold opened with coolant in it'
        : bled === false
          ? 'Coolant not bled'
          : state === 'ok'
            ? 'Coolant out before, in and bled after'
            : coolantOut === null
              ? 'Drain the coolant before the manifold opens'
              : 'Fill and bleed the coolant',
    state,
    next: coolantOut !== true ? say`Drain it with the engine cold` : say`Fill it, run it warm with the heater on, and bleed it`,
    reason:
      coolantOut === false
        ? say`It runs into ports and sump: change the oil before the engine turns.`
        : say`Coolant in a port locks a cylinder; air in the head boils.`,
    source: 'trade practice',
  }
} // prettier-ignore

/** Seals of injectors in their ports are fitted wet. */
export const judgeSeals = (c: EngineTopCase): EngineTopVerdict | null => {
  if (!c.begun || c.system?.injection !== 'port') return null
  const { sealsOiled } = c.top.manifold
  return {
    ...plain,
    id: 'seals',
    title: sealsOiled === true ? 'Injector seals oiled' : sealsOiled === false ? 'Injector seals fitted dry' : 'Injector seals not fitted yet',
    state: sealsOiled === true ? 'ok' : sealsOiled === false ? 'stop' : 'unknown',
    next: say`Oil or grease new seals, press them in straight, turn each injector by hand`,
    reason: sealsOiled === false ? say`A dry seal is pinched: fuel under pressure on a hot engine. New seals, oiled.` : say`Pressed in dry they are pinched, and leak fuel under pressure.`,
    source: 'trade practice',
  }
} // prettier-ignore

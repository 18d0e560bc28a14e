import { LINE_NAMES, type LineName } from '../../sections/index.ts'
import { say, type Sentence, type VerdictState } from '../../verdict/index.ts'
import { hoseOfLeg } from '../../fuel/lines/legs.ts'
import type { FuelDesign } from './fuelDesign.ts'
import { cutListOf, linesInUse } from './linesOfJob.ts'

/** One thing that a fuel system cannot be ordered without. */
export interface OrderItem {
  readonly id: string
  readonly what: string
  /** ok: it is on the list as it will be; unknown: on an assumed figure or not said; stop: it is missing. */
  readonly state: Exclude<VerdictState, 'caution'>
  readonly says: Sentence
  /** Tab of the fuel station where it is entered. */
  readonly tab: string
}

const LINE_TITLES: Readonly<Record<LineName, string>> = {
  feed: 'Feed line',
  return: 'Return line',
  suction: 'Suction line',
  vent: 'Vent line',
}
/** Where each line is described. */
const LINE_TABS: Readonly<Record<LineName, string>> = { feed: 'lines', return: 'lines', suction: 'lines', vent: 'tank' }

const itemOfLine = (design: FuelDesign, name: LineName): OrderItem => {
  const line = design.fuel[name]
  const base = { id: name, what: LINE_TITLES[name], tab: LINE_TABS[name] }
  if (design.fuel.oldLine.keeps === name) return { ...base, state: 'ok', says: say`existing line reused` }
  if (line.legs.length === 0) {
    if (!line.hose) return { ...base, state: 'stop', says: say`no hose or tube chosen` }
    if (line.lengthM === null) return { ...base, state: 'unknown', says: say`its length is assumed: measure it` }
    return {
      ...base,
      state: 'unknown',
      says: say`by the metre; fittings and clips are listed once it is described leg by leg`,
    }
  }
  const without = line.legs.filter((leg) => !hoseOfLeg(line, leg))
  if (without.length > 0) return { ...base, state: 'stop', says: say`no hose or tube for ${namesOf(without)}` }
  const unmeasured = line.legs.filter((leg) => leg.lengthM === null)
  if (unmeasured.length > 0) return { ...base, state: 'unknown', says: say`${namesOf(unmeasured)}: not measured` }
  const open = line.legs.filter((leg) => leg.moves !== 'inside' && (!leg.start || !leg.end))
  if (open.length > 0) return { ...base, state: 'stop', says: say`an end of ${namesOf(open)} is not chosen` }
  // What cannot be cut is on no list of hoses.
  const list = cutListOf(design)
  const uncut = list.ok ? undefined : list.error.find((e) => e.line === name)
  if (uncut) return { ...base, state: 'stop', says: uncut.says }
  return { ...base, state: 'ok', says: say`every leg with its hose and both fittings` }
}

const namesOf = (legs: readonly { readonly name: string }[]): string => legs.map((l) => l.name).join(', ')

/** What the order needs, in the order of the flow, and how it stands. */
export const orderItems = (design: FuelDesign): OrderItem[] => {
  const { fuel } = design
  const part = (id: string, what: string, value: { readonly name: string } | null, tab: string): OrderItem =>
    value
      ? { id, what, tab, state: 'ok', says: say`${value.name}` }
      : { id, what, tab, state: 'stop', says: say`not chosen` }
  const asked = (
    id: string,
    what: string,
    value: boolean | null,
    tab: string,
    there: string,
    ordered: string,
  ): OrderItem =>
    value === null
      ? { id, what, tab, state: 'unknown', says: say`not entered whether it is fitted` }
      : { id, what, tab, state: 'ok', says: say`${value ? there : ordered}` }
  const used = linesInUse(design)
  return [
    part('strainer', 'Strainer', fuel.strainer, 'choose'),
    part('pump', 'Pump', fuel.pump, 'choose'),
    part('filter', 'Fine filter', fuel.filter, 'choose'),
    part('regulator', 'Regulator', fuel.regulator, 'choose'),
    fuel.injector && fuel.injectorCount === null
      ? { id: 'injectors', what: 'Injectors', tab: 'injectors', state: 'unknown', says: say`quantity assumed` }
      : part('injectors', 'Injectors', fuel.injector, 'injectors'),
    ...LINE_NAMES.filter((n) => used.includes(n)).map((n) => itemOfLine(design, n)),
    fuel.pump
      ? { id: 'relay', what: 'Pump relay and fuse', tab: 'order', state: 'ok', says: say`on the list` }
      : {
          id: 'relay',
          what: 'Pump relay and fuse',
          tab: 'choose',
          state: 'stop',
          says: say`set by the pump`,
        },
    asked('inertia', 'Inertia switch', fuel.safety.inertiaSwitch, 'order', 'already fitted', 'on the list'),
    asked('roll-over', 'Roll-over valve', fuel.tank.rollOverValve, 'tank', 'already fitted', 'on the list'),
  ]
}

import { fig, say, type VerdictState, plain } from '../../verdict/index.ts'
import { pumpAtVoltage } from '../../fuel/pumpAtVoltage.ts'
import { pumpFlowAt } from '../../fuel/pumpCurve.ts'
import { primeOf } from './primeOfJob.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'

/** Does the pump stop when the engine does, and after a crash? */
export const judgeSafety = ({ design }: FuelCase): FuelVerdict | null => {
  if (!design.fuel.pump) return null
  const { stopsWithEngine, inertiaSwitch, fused } = design.fuel.safety
  const missing = [
    ...(stopsWithEngine === false ? ['its relay does not drop out when the engine stops'] : []),
    ...(fused === false ? ['its feed is not fused'] : []),
    ...(inertiaSwitch === false ? ['no inertia or roll-over switch cuts it after a crash'] : []),
  ]
  const asked = [stopsWithEngine, inertiaSwitch, fused].includes(null)
  const state: VerdictState = missing.length > 0 ? 'stop' : asked ? 'unknown' : 'ok'
  return {
    ...plain,
    id: 'safety',
    title: 'Pump stops with the engine',
    state,
    reason:
      state === 'stop'
        ? say`An electric pump can empty the tank onto a hot engine: ${missing.join('; ')}.`
        : state === 'unknown'
          ? say`Enter whether the ECU drops the pump relay, whether an inertia switch is fitted and whether the feed is fused.`
          : say`The relay drops out with the engine, the inertia switch cuts it after a crash, and the feed is fused.`,
    source: 'trade practice; local rules come first',
  }
}

/** Seconds and turns of the key until the set pressure stands. */
export const judgePrime = ({ design }: FuelCase): FuelVerdict | null => {
  const p = primeOf(design)
  if (!p) return null
  const never = !Number.isFinite(p.wetS)
  const slow = never || p.wetCycles > 1
  return {
    ...plain,
    id: 'prime',
    title: never ? 'Prime never reaches the set pressure' : 'Prime at key-on',
    state: slow ? 'caution' : 'ok',
    figureName: 'with the line full',
    figure: never ? null : fig(p.wetS, 'time', 2),
    limitName: 'pump runs at key-on',
    limit: fig(design.figure('fuel.primeS'), 'time'),
    margin: never ? null : fig(design.figure('fuel.primeS') - p.wetS, 'time', 2),
    reason: never
      ? say`With the engine stopped, battery voltage is too low for the pump to reach set pressure.`
      : say`With the line full, one key-on is ${p.wetCycles === 1 ? 'enough' : 'not enough'}. After opening the system it takes ${fig(p.dryS, 'time')}: switch the key on ${fig(p.dryCycles, 'count')} times before cranking.${design.loop === 'single-line' ? ' Air in a dead-ended rail only gets compressed: bleed it at the far end.' : ''}`,
    source: 'volumes over pump flow; Boyle for trapped air',
    workings: ['prime'],
  }
}

/** Can the regulator pass all the pump brings with nothing taken, at the highest voltage? */
export const judgeByPass = ({ design }: FuelCase): FuelVerdict | null => {
  const { pump, pumpCount, regulator } = design.fuel
  if (!pump || !regulator || regulator.type !== design.loop) return null
  const at = pumpAtVoltage(pump.tables, design.figure('fuel.highV'))
  if (!at.ok) return null
  const setPa = design.figure('fuel.setPressurePa')
  const broughtM3S = pumpCount * pumpFlowAt(at.value.curve, setPa)
  const { flowM3S, dropPa } = regulator.fullOpen
  const passesM3S = dropPa > 0 ? flowM3S * Math.sqrt(setPa / dropPa) : Infinity
  const small = passesM3S < broughtM3S
  return {
    ...plain,
    id: 'by-pass',
    title: small ? 'Regulator too small for this pump' : 'Regulator bypass capacity',
    state: small ? 'stop' : 'ok',
    figureName: 'pump delivers, engine off',
    figure: fig(broughtM3S, 'volumeFlow'),
    limitName: 'regulator passes, maximum',
    limit: Number.isFinite(passesM3S) ? fig(passesM3S, 'volumeFlow') : null,
    margin: Number.isFinite(passesM3S) ? fig(passesM3S - broughtM3S, 'volumeFlow') : null,
    reason: small
      ? say`Wide open with no back pressure it would still need more than set pressure: another return line will not fix that.`
      : say`Wide open with a free return it passes this much at set pressure; the return line itself is checked above.`,
    source: 'orifice from the regulator’s data point',
  }
}

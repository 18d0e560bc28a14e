import type { PumpPart, RegulatorPart } from '../../parts/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'

/** The pressure nearest to one wanted that a regulator can be set to. */
export const nearestSetPa = ({ leastPa, mostPa }: Pick<RegulatorPart, 'leastPa' | 'mostPa'>, setPa: number): number =>
  Math.min(mostPa, Math.max(leastPa, setPa))

/** One that is made for a module goes with nothing else; what nobody knows is not judged. */
export const regulatorGoesWith = (regulator: RegulatorPart, pump: PumpPart | null): boolean =>
  regulator.sits !== 'module' || pump === null || pump.mount === 'module'

/** Can this regulator be set to this pressure, and has it a port for the reference hose? */
export const judgeRegulator = ({ design }: FuelCase): FuelVerdict | null => {
  const { referenced, regulator } = design.fuel
  const systemType = design.loop
  if (!regulator || regulator.type !== systemType) return null
  const setPa = design.figure('fuel.setPressurePa')
  const { leastPa, mostPa, name } = regulator
  if (!regulatorGoesWith(regulator, design.fuel.pump))
    return {
      ...plain,
      id: 'regulator',
      title: 'Regulator made for a pump module',
      state: 'stop',
      reason: say`${name} goes inside a pump module and has no ports of its own: with ${design.fuel.pump?.name ?? 'this pump'} it has nowhere to go. Use one for mounting outside the tank.`,
      source: 'maker’s data sheet',
    }
  const inRange = nearestSetPa(regulator, setPa) === setPa
  const noPort = systemType === 'return' && referenced && !regulator.referencePort
  const range =
    leastPa === mostPa
      ? say`fixed at ${fig(leastPa, 'pressure')}`
      : say`made for ${fig(leastPa, 'pressure')} to ${fig(mostPa, 'pressure')}`
  return {
    id: 'regulator',
    title: inRange
      ? noPort
        ? 'Regulator has no reference port'
        : 'Regulator range'
      : 'Set pressure outside the regulator\u2019s range',
    state: inRange && !noPort ? 'ok' : 'stop',
    figureName: 'set pressure',
    figure: fig(setPa, 'pressure'),
    limitName: setPa > mostPa ? 'regulator, maximum' : setPa < leastPa ? 'regulator, minimum' : 'regulator, up to',
    limit: fig(setPa < leastPa ? leastPa : mostPa, 'pressure'),
    margin: null,
    reason: noPort
      ? say`${name} has no reference port: the manifold hose has nowhere to go, so the rail would not follow vacuum and boost.`
      : inRange
        ? say`${name} is ${range}.`
        : say`${name} is ${range}: it cannot be set to ${fig(setPa, 'pressure')}.`,
    source: 'maker\u2019s range',
    pointId: null,
    workings: [],
  }
}

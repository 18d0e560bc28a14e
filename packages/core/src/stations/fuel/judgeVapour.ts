import { fig, say, plain } from '../../verdict/index.ts'
import { WANTED_INLET_MARGIN_PA } from '../../fuel/vapour/suction.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'
import { HOT_SOAK_K, hotSoakOf, mostTankK, suctionAt, tankHeatCaseOf, tankHeatOf } from './vapourOfJob.ts'

/** Does the fuel boil at the pump's inlet anywhere? Judged where the margin is least. */
export const judgeSuction = ({ design, solved }: FuelCase): FuelVerdict | null => {
  const all = solved.map((s) => ({ s, at: suctionAt(design, s) }))
  const [first] = all
  if (!first) return null
  const worst = all.reduce((w, x) => (x.at.marginPa < w.at.marginPa ? x : w), first)
  const { at, s } = worst
  const state = at.marginPa < 0 ? 'stop' : at.marginPa < WANTED_INLET_MARGIN_PA ? 'caution' : 'ok'
  const where = design.inTank ? 'in the tank' : 'in the line'
  const cure = design.inTank
    ? 'A larger strainer, a fuller tank or cooler fuel help.'
    : 'Mount it lower and nearer to the tank, widen its inlet, or hang a pump in the tank.'
  return {
    ...plain,
    id: 'suction',
    title: state === 'stop' ? `Fuel boils at the pump: ${s.point.label.toLowerCase()}` : 'Pressure at the pump’s inlet',
    state,
    figureName: 'at the inlet, absolute',
    figure: fig(at.inletPa, 'pressure'),
    limitName: state === 'stop' ? 'vapour pressure' : 'vapour pressure + 10 kPa',
    limit: fig(at.vapourPa + (state === 'stop' ? 0 : WANTED_INLET_MARGIN_PA), 'pressure'),
    margin: fig(at.marginPa - (state === 'stop' ? 0 : WANTED_INLET_MARGIN_PA), 'pressure'),
    reason: !at.flows
      ? say`So much flow cannot get there: ${fig(at.lossPa, 'pressure')} would be lost on the way in, more than air and fuel level give. The pump draws vapour. ${cure}`
      : state === 'ok'
        ? say`At ${fig(s.point.temperatureK, 'temperature')} and ${fig(at.ambientPa, 'pressure')} of air the pump ${where} keeps ${fig(at.marginPa, 'pressure')} above boiling.`
        : say`At ${fig(s.point.temperatureK, 'temperature')} and ${fig(at.ambientPa, 'pressure')} of air, with ${fig(at.lossPa, 'pressure')} lost on the way in, only ${fig(at.marginPa, 'pressure')} are left before the fuel boils: the pump ${where} then fills with vapour and howls. ${cure}`,
    source: 'hydrostatics; vapour pressure by EPA AP-42; margin of 10 to 20 kPa: rule of thumb',
    pointId: s.point.id,
    workings: ['suction'],
  }
}

/** Does the rail boil after a hot engine was stopped? */
export const judgeHotSoak = ({ design }: FuelCase): FuelVerdict | null => {
  if (!design.fuel.pump) return null
  const soak = hotSoakOf(design)
  const boils = soak.marginPa < 0
  return {
    ...plain,
    id: 'hot-soak',
    title: boils ? 'Rail boils after a hot stop' : 'Rail after a hot stop',
    state: boils ? 'caution' : 'ok',
    figureName: 'rail, absolute',
    figure: fig(soak.railPa, 'pressure'),
    limitName: `vapour pressure at ${(HOT_SOAK_K - 273.15).toFixed(0)} °C`,
    limit: fig(soak.vapourPa, 'pressure'),
    margin: fig(soak.marginPa, 'pressure'),
    reason: boils
      ? say`With the pressure kept, this fuel boils in the rail at ${fig(soak.boilsAtK, 'temperature')}; a warm bonnet reaches ${fig(HOT_SOAK_K, 'temperature')}. Expect a long crank: prime twice, let a return sweep the rail, shield it from the exhaust. A system that bleeds down boils sooner still.`
      : say`As long as the check valve keeps the pressure, the rail boils only at ${fig(soak.boilsAtK, 'temperature')}.`,
    source: `EPA AP-42${soak.extrapolated ? ', extrapolated above 60 °C' : ''}; 75 °C under the bonnet: rule of thumb`,
    workings: ['hot-soak'],
  }
}

/** How warm does the tank get in an hour at cruise when it is low? */
export const judgeTankHeat = (c: FuelCase): FuelVerdict | null => {
  const heat = tankHeatOf(c)
  const heatCase = tankHeatCaseOf(c)
  const cruise = c.solved.find((s) => s.point.id === 'cruise')
  if (!heat || !heatCase || !cruise) return null
  const limitK = mostTankK(c.design, cruise, WANTED_INLET_MARGIN_PA)
  const warm = heat.endK > limitK
  const returnW = heat.heatW - heatCase.pumpW
  return {
    ...plain,
    id: 'tank-heat',
    title: 'Tank after an hour’s drive, low',
    state: warm ? 'caution' : 'ok',
    figureName: 'tank',
    figure: fig(heat.endK, 'temperature'),
    limitName: 'inlet keeps 10 kPa up to',
    limit: fig(limitK, 'temperature'),
    margin: fig(limitK - heat.endK, 'warming'),
    reason:
      c.design.loop === 'return'
        ? say`The pump puts ${fig(heatCase.pumpW, 'heat')} into the fuel and the warm return ${fig(returnW, 'heat')}; from ${fig(c.design.figure('fuel.tank.hotDayK'), 'temperature')} with ${fig(c.design.figure('fuel.tank.lowM3'), 'volume')} in it the tank ${heat.settlesK === null ? 'would never settle: the fuel boils away first' : say`would settle at ${fig(heat.settlesK, 'temperature')}`}.${warm ? ' A smaller pump, a slower one or a single line put in less.' : ''}`
        : say`Nothing warm comes back; the pump alone puts ${fig(heatCase.pumpW, 'heat')} into the fuel.`,
    source: 'energy balance; heat passed on and warming under the bonnet: rules of thumb',
    pointId: 'cruise',
    workings: ['tank-heat'],
  }
}

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
    ? 'Fit a larger strainer, or run a fuller tank or cooler fuel.'
    : 'Mount it lower and closer to the tank, enlarge its inlet, or fit an in-tank pump.'
  return {
    ...plain,
    id: 'suction',
    title: state === 'stop' ? `Fuel boils at the pump: ${s.point.label.toLowerCase()}` : 'Pump inlet pressure',
    state,
    figureName: 'at the inlet, absolute',
    figure: fig(at.inletPa, 'pressure'),
    limitName: state === 'stop' ? 'vapour pressure' : 'vapour pressure + 10 kPa',
    limit: fig(at.vapourPa + (state === 'stop' ? 0 : WANTED_INLET_MARGIN_PA), 'pressure'),
    margin: fig(at.marginPa - (state === 'stop' ? 0 : WANTED_INLET_MARGIN_PA), 'pressure'),
    reason: !at.flows
      ? say`That much flow cannot get there: ${fig(at.lossPa, 'pressure')} would be lost on the way in, more than air pressure and fuel head provide. The pump draws vapour. ${cure}`
      : state === 'ok'
        ? say`At ${fig(s.point.temperatureK, 'temperature')} and ${fig(at.ambientPa, 'pressure')} of air pressure the pump ${where} stays ${fig(at.marginPa, 'pressure')} above boiling.`
        : say`At ${fig(s.point.temperatureK, 'temperature')} and ${fig(at.ambientPa, 'pressure')} of air pressure, with ${fig(at.lossPa, 'pressure')} lost on the way in, only ${fig(at.marginPa, 'pressure')} is left before the fuel boils: the pump ${where} then fills with vapour and howls. ${cure}`,
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
    title: boils ? 'Fuel boils in the rail after a hot stop' : 'Rail after a hot stop',
    state: boils ? 'caution' : 'ok',
    figureName: 'rail, absolute',
    figure: fig(soak.railPa, 'pressure'),
    limitName: `vapour pressure at ${(HOT_SOAK_K - 273.15).toFixed(0)} °C`,
    limit: fig(soak.vapourPa, 'pressure'),
    margin: fig(soak.marginPa, 'pressure'),
    reason: boils
      ? say`With pressure maintained, this fuel boils in the rail at ${fig(soak.boilsAtK, 'temperature')}; under a hot bonnet it reaches ${fig(HOT_SOAK_K, 'temperature')}. Expect a long crank: prime twice, let a return line sweep the rail, shield it from the exhaust. A system that bleeds down boils sooner still.`
      : say`As long as the check valve holds pressure, fuel in the rail boils only at ${fig(soak.boilsAtK, 'temperature')}.`,
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
    title: 'Tank temperature after an hour, low tank',
    state: warm ? 'caution' : 'ok',
    figureName: 'tank',
    figure: fig(heat.endK, 'temperature'),
    limitName: 'inlet keeps 10 kPa margin up to',
    limit: fig(limitK, 'temperature'),
    margin: fig(limitK - heat.endK, 'warming'),
    reason:
      c.design.loop === 'return'
        ? say`The pump puts ${fig(heatCase.pumpW, 'heat')} into the fuel and the warm return ${fig(returnW, 'heat')}; from ${fig(c.design.figure('fuel.tank.hotDayK'), 'temperature')} with ${fig(c.design.figure('fuel.tank.lowM3'), 'volume')} in it the tank ${heat.settlesK === null ? 'would never settle: the fuel boils away first' : say`would settle at ${fig(heat.settlesK, 'temperature')}`}.${warm ? ' A smaller or slower pump, or a returnless system, puts in less.' : ''}`
        : say`No warm fuel is returned; the pump alone puts ${fig(heatCase.pumpW, 'heat')} into the fuel.`,
    source: 'energy balance; heat loss and warming under the bonnet: rules of thumb',
    pointId: 'cruise',
    workings: ['tank-heat'],
  }
}

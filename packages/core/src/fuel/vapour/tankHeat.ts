import type { Trace } from '../../verdict/index.ts'

/** Specific heat of petrol, J/(kg K); textbook, about 2.1 kJ/(kg K). */
export const FUEL_HEAT_J_KG_K = 2100

export interface TankHeatCase {
  /** Fuel in the tank at the start. */
  readonly fuelKg: number
  readonly startK: number
  readonly ambientK: number
  /** Electric power of the pump: all of it ends as heat in the fuel. */
  readonly pumpW: number
  readonly returnKgS: number
  /** How much warmer the fuel comes back than it left; 0 in a single-line system. */
  readonly returnWarmerK: number
  /** Heat passed to the air around the tank per kelvin. */
  readonly lossWK: number
  /** Taken by the engine. */
  readonly drawKgS: number
}

export interface TankHeatAnswer {
  readonly heatW: number
  /** Where the temperature would settle if the driving went on; null where the fuel would have boiled away before. */
  readonly settlesK: number | null
  /** At most `MOST_LIQUID_K`. */
  readonly endK: number
  /** Whether the fuel boils away during the drive: the curve then stays at `MOST_LIQUID_K`. */
  readonly boilsAway: boolean
  readonly curve: readonly { readonly timeS: number; readonly temperatureK: number; readonly fuelKg: number }[]
}

/** Above 150 °C nine tenths of a petrol have boiled off in a vented tank: no figure beyond it means anything. Textbook. */
export const MOST_LIQUID_K = 423.15

/** Fuel below which the tank counts as empty, as a share of the start. */
const LEAST_SHARE = 0.1

/**
 * Tank temperature over a drive: m c dT/dt = P + m_ret c dT_bay - UA (T - T_amb) with the fuel falling as
 * m = m_0 - q t. Closed form: T = T_inf + (T_0 - T_inf)(m/m_0)^(UA/(c q)), for q = 0 an exponential. The fuel is not
 * counted below a tenth of its start, and nothing is told beyond `MOST_LIQUID_K`.
 */
export const tankHeat = (c: TankHeatCase, durationS: number, trace?: Trace): TankHeatAnswer => {
  const heatW = c.pumpW + c.returnKgS * FUEL_HEAT_J_KG_K * c.returnWarmerK
  const lossWK = Math.max(c.lossWK, 1e-6)
  const settlesK = c.ambientK + heatW / lossWK
  // A draw too small to lower the level would only lose the figures in a power of nearly one.
  const drawKgS = c.drawKgS * durationS > 1e-6 * c.fuelKg ? c.drawKgS : 0
  const fallingFor = (timeS: number): number =>
    drawKgS > 0 ? Math.min(timeS, ((1 - LEAST_SHARE) * c.fuelKg) / drawKgS) : 0
  const at = (timeS: number) => {
    const fuelKg = Math.max(LEAST_SHARE * c.fuelKg, c.fuelKg - drawKgS * timeS)
    // Where the tank has run down to the tenth that is counted, the rest of the time passes at that filling.
    const fallingS = fallingFor(timeS)
    const falling = drawKgS > 0 ? (fuelKg / c.fuelKg) ** (lossWK / (FUEL_HEAT_J_KG_K * drawKgS)) : 1
    const steady = Math.exp((-lossWK * (timeS - fallingS)) / (fuelKg * FUEL_HEAT_J_KG_K))
    return { timeS, fuelKg, temperatureK: Math.min(MOST_LIQUID_K, settlesK + (c.startK - settlesK) * falling * steady) }
  }
  const curve = Array.from({ length: 61 }, (_, i) => at((durationS * i) / 60))
  const end = curve.at(-1)!
  trace?.step({
    symbol: 'P',
    meaning: 'heat into the tank: pump and warm return',
    formula: 'P_el + m_ret * 2100 * dT',
    inputs: {
      P_el: { value: c.pumpW, unit: 'W' },
      m_ret: { value: c.returnKgS, unit: 'kg/s' },
      dT: { value: c.returnWarmerK, unit: 'K warmer' },
    },
    result: heatW,
    unit: 'W',
    source: 'energy balance; 2.1 kJ/(kg K), textbook',
  })
  trace?.step({
    symbol: 'T_inf',
    meaning: 'where the tank would settle',
    formula: 'T_amb + P / UA',
    inputs: {
      T_amb: { value: c.ambientK, unit: 'K' },
      P: { value: heatW, unit: 'W' },
      UA: { value: lossWK, unit: 'W/K' },
    },
    result: settlesK,
    unit: 'K',
    source: 'steady energy balance',
  })
  if (drawKgS > 0 && end.fuelKg > LEAST_SHARE * c.fuelKg)
    trace?.step({
      symbol: 'T',
      meaning: 'tank temperature at the end of the drive',
      formula: 'T_inf + (T_0 - T_inf) * ((m_0 - q * t) / m_0)^(UA / (2100 * q))',
      inputs: {
        T_inf: { value: settlesK, unit: 'K' },
        T_0: { value: c.startK, unit: 'K' },
        m_0: { value: c.fuelKg, unit: 'kg' },
        q: { value: drawKgS, unit: 'kg/s' },
        t: { value: durationS, unit: 's' },
        UA: { value: lossWK, unit: 'W/K' },
      },
      result: end.temperatureK,
      unit: 'K',
      source: 'm c dT/dt = P - UA (T - T_amb) with falling m, integrated',
    })
  else
    trace?.step({
      symbol: 'T',
      meaning: 'tank temperature at the end of the drive; the last of it as if a tenth stayed in',
      formula: 'T_inf + (T_0 - T_inf) * r * exp(-UA * t_r / (2100 * m_r))',
      inputs: {
        T_inf: { value: settlesK, unit: 'K' },
        T_0: { value: c.startK, unit: 'K' },
        r: {
          value: drawKgS > 0 ? LEAST_SHARE ** (lossWK / (FUEL_HEAT_J_KG_K * drawKgS)) : 1,
          unit: 'left of the difference when a tenth is left',
        },
        UA: { value: lossWK, unit: 'W/K' },
        t_r: { value: durationS - fallingFor(durationS), unit: 's with that filling' },
        m_r: { value: end.fuelKg, unit: 'kg' },
      },
      result: end.temperatureK,
      unit: 'K',
      source: 'm c dT/dt = P - UA (T - T_amb), integrated',
    })
  return {
    heatW,
    settlesK: settlesK > MOST_LIQUID_K ? null : settlesK,
    endK: end.temperatureK,
    boilsAway: curve.some((p) => p.temperatureK >= MOST_LIQUID_K),
    curve,
  }
}

import { batteryState, type BatteryLabel } from '../battery/batteryModel.ts'
import { REGULATOR } from '../generator/generatorOutput.ts'
import { solveNetwork } from '../network/index.ts'
import { dischargeTimeS } from './chargingBalance.ts'

export interface PlainGenerator {
  readonly output: readonly { readonly speedRpm: number; readonly currentA: number }[]
  /** Its speed over the crank's. */
  readonly pulleyRatio: number
  readonly setV: number
  /** Out and back to the battery. */
  readonly cableOhm: number
}
export interface PlainDrive {
  readonly engineRpm: number
  readonly loadA: number
}

const MOST_SHAFT_RPM = 30_000

const currentsOf = (battery: BatteryLabel, g: PlainGenerator, { engineRpm, loadA }: PlainDrive) => {
  const { openCircuitV, resistanceOhm, chargeOhm } = batteryState(battery)
  const solved = solveNetwork({
    reference: '-',
    contacts: [{ id: 'cable', from: 'g', to: '+', resistanceOhm: g.cableOhm }],
    sources: [
      { id: 'battery', kind: 'battery', pos: '+', neg: '-', openCircuitV, resistanceOhm, chargeOhm },
      {
        id: 'generator',
        kind: 'alternator',
        pos: 'g',
        neg: '-',
        setV: g.setV,
        droopOhm: REGULATOR.alternator.droopOhm,
        limitA: g.output.map((p): [number, number] => [p.speedRpm, p.currentA]),
        speedRpm: Math.min(MOST_SHAFT_RPM, engineRpm * g.pulleyRatio),
      },
    ],
    loads: [{ id: 'loads', kind: 'current', pos: '+', neg: '-', currentA: loadA }],
  })
  const { parts } = solved.moments[0]!
  const { currentA, voltageV } = parts['battery'] as { currentA: number; voltageV: number }
  return {
    generatorA: (parts['generator'] as { currentA: number }).currentA,
    batteryA: -currentA,
    batteryV: voltageV,
  }
}

/**
 * Generator, cable, battery and one load: what flows, and how long from the present charge down to one at which it starts
 * no more, s (Infinity where it never comes to that).
 */
export const balanceOf = (
  battery: BatteryLabel,
  capacityC: number,
  generator: PlainGenerator,
  drive: PlainDrive,
  leastCharge: number,
) => ({
  ...currentsOf(battery, generator, drive),
  untilNoStartS: dischargeTimeS((charge) => -currentsOf({ ...battery, charge }, generator, drive).batteryA, {
    capacityC,
    from: battery.charge,
    to: Math.min(leastCharge, battery.charge),
  }),
})

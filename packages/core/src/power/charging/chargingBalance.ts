import { batteryState } from '../battery/batteryModel.ts'
import { carNetwork, dutyOf } from '../car/carNetwork.ts'
import type { CarSupply } from '../car/carSupply.ts'
import { changesWithin, FAN_ON, HOT_REGULATOR_K, NIGHT_ON, runningChanges } from '../car/conditions.ts'
import { compileNetwork, solveMoments, type Network, type NetworkMoment } from '../network/index.ts'

/** Ways of driving in which the battery gains or loses. */
export const DRIVES = ['idle', 'town', 'road', 'night-idle', 'night-town', 'night-road'] as const
export type DriveId = (typeof DRIVES)[number]
export const DRIVE_WORDS: Readonly<Record<DriveId, string>> = {
  idle: 'Idle',
  town: 'Town',
  road: 'Road',
  'night-idle': 'Idle, night in rain',
  'night-town': 'Town, night in rain',
  'night-road': 'Road, night in rain',
}

interface Stretch {
  readonly share: number
  /** Engine speed between idle and that of full power. */
  readonly speedShare: number
  readonly fan: boolean
}
const STANDING: Stretch = { share: 1, speedShare: 0, fan: true }
/** Two fifths of the time standing with the fan on, the rest at a third of full speed; the road at half. Rules of thumb. */
const STRETCHES: Readonly<Record<'idle' | 'town' | 'road', readonly Stretch[]>> = {
  idle: [STANDING],
  town: [
    { ...STANDING, share: 0.4 },
    { share: 0.6, speedShare: 0.33, fan: false },
  ],
  road: [{ share: 1, speedShare: 0.5, fan: false }],
}
const stretchesOf = (drive: DriveId) =>
  STRETCHES[drive.replace('night-', '') as keyof typeof STRETCHES].map((s) => ({ ...s, night: drive.startsWith('night') })) // prettier-ignore

export interface DriveBalance {
  readonly drive: DriveId
  readonly generatorA: number
  readonly loadA: number
  /** Into the battery; negative: it loses. Means over the way of driving. */
  readonly batteryA: number
  /** Driven so from now on: until it no longer starts, s. Infinity where it never comes to that. */
  readonly untilNoStartS: number
}

const momentsOf = (s: CarSupply, net: Network, drive: DriveId, charge: number): NetworkMoment[] =>
  stretchesOf(drive).map(({ speedShare, fan, night }, i) => {
    const { idleRpm, fullRpm } = s.speeds
    const engineRpm = idleRpm + speedShare * Math.max(0, fullRpm - idleRpm)
    const changes = [
      ...runningChanges(s, { engineRpm, regulatorK: HOT_REGULATOR_K, duty: dutyOf('idle') }),
      ...(fan ? FAN_ON : []),
      ...(night ? NIGHT_ON : []),
      { id: 'battery', ...batteryState({ ...s.battery, charge }) },
    ]
    return { id: `${drive} ${i}`, changes: changesWithin(net.case, changes) }
  })

/** Mean currents of a way of driving at a state of charge, A. Relays pull in with the key as in the first stretch. */
const currentsAt = (s: CarSupply, net: Network, drive: DriveId, charge: number) => {
  const solved = solveMoments(net, momentsOf(s, net, drive, charge))
  const stretches = stretchesOf(drive)
  const mean = (of: (i: number) => number) => stretches.reduce((sum, { share }, i) => sum + share * of(i), 0)
  const part = (i: number, id: string) => (solved[i]!.parts[id] as { currentA: number }).currentA
  const batteryA = -mean((i) => part(i, 'battery'))
  const generatorA = mean((i) => part(i, 'generator'))
  return { batteryA, generatorA, loadA: generatorA - batteryA }
}

const STEPS = 6
/**
 * Time from one state of charge down to another, s; Infinity where the battery stops losing before. Trapezoids of 1/I.
 * @param lossA what it loses at a state of charge, A
 */
export const dischargeTimeS = (
  lossA: (charge: number) => number,
  { capacityC, from, to }: { readonly capacityC: number; readonly from: number; readonly to: number },
): number => {
  const step = (from - to) / STEPS
  let seconds = 0
  let before: number | null = null
  for (let i = 0; i <= STEPS; i++) {
    const now = lossA(from - i * step)
    if (now <= LEAST_LOSS_A) return Infinity
    if (before !== null) seconds += (step * capacityC * (1 / before + 1 / now)) / 2
    before = now
  }
  return seconds
}
/** Less than that is no loss. */
const LEAST_LOSS_A = 1e-3

/**
 * What generator and battery give in each way of driving, from the solved network, and how long until it no longer starts.
 * @param leastCharge state of charge below which it does not start; null where it does not start as it is
 */
export const chargingBalance = (s: CarSupply, leastCharge: number | null): DriveBalance[] => {
  const net = compileNetwork(carNetwork(s).network)
  return DRIVES.map((drive): DriveBalance => {
    const now = currentsAt(s, net, drive, s.battery.charge)
    const { charge } = s.battery
    const untilNoStartS =
      leastCharge === null
        ? 0
        : dischargeTimeS((at) => -currentsAt(s, net, drive, at).batteryA, {
            capacityC: s.capacityC,
            from: charge,
            to: Math.min(leastCharge, charge),
          })
    return { drive, ...now, untilNoStartS }
  })
}

/** A battery at rest loses by itself: 4 % of its capacity a month when new. Typical. */
const SELF_DISCHARGE_PER_S = 0.04 / (30 * 86_400)

/** Time at rest until it no longer starts, s. Drain A, capacity C, states of charge 0 to 1. */
export const restTimeS = ({
  drainA,
  capacityC,
  charge,
  leastCharge,
}: {
  readonly drainA: number
  readonly capacityC: number
  readonly charge: number
  readonly leastCharge: number
}): number => {
  // prettier-ignore
  const lossA = Math.max(0, drainA) + SELF_DISCHARGE_PER_S * capacityC
  return (Math.max(0, charge - leastCharge) * capacityC) / lossA
}

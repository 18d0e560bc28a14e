import { plain, say } from '../../verdict/index.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'

/** Is the pump heard before the tank goes up for good? */
export const judgeHeard = ({ design }: FuelCase): FuelVerdict | null => {
  const { pumpHeard, strappedUp } = design.fuel.tank
  if (!design.inTank || !design.fuel.pump || (pumpHeard === null && strappedUp !== true)) return null
  const base = { ...plain, id: 'heard', source: 'trade practice' }
  if (pumpHeard === 'silent')
    return {
      ...base,
      title: 'Pump silent at key-on',
      state: 'stop',
      next: say`Volts at its plug, then its earth, then the pump on the bench; the tank stays down`,
      reason: say`Nothing is gained by lifting the tank: whatever it is, it comes down again.`,
    }
  if (pumpHeard === null)
    return {
      ...base,
      title: 'Tank strapped up before the pump was heard',
      state: 'stop',
      next: say`Key on, an ear at the tank, and enter what it does`,
      reason: say`A plug that is half home or a hose that is kinked is found in a minute with the tank down, and in half a day with it up.`,
    }
  return {
    ...base,
    title: pumpHeard === 'loud' ? 'Pump loud at key-on' : 'Pump heard at key-on',
    state: pumpHeard === 'loud' ? 'caution' : 'ok',
    next: say`Look for a strainer folded over, a kinked hose or air; then strap up`,
    reason:
      pumpHeard === 'loud'
        ? say`A growl is a pump that sucks air or works against something shut.`
        : say`It hums and stops after the prime: the tank may be strapped up.`,
  }
}

/** Does the sender still have an earth once it sits in a new plate on a gasket? */
export const judgeSenderEarth = ({ design }: FuelCase): FuelVerdict | null => {
  const { senderEarth } = design.fuel.tank
  if (!design.inTank || senderEarth === null) return null
  const base = { ...plain, id: 'sender-earth', source: 'trade practice' }
  return senderEarth === 'own-lead'
    ? {
        ...base,
        title: 'Sender has an earth of its own',
        state: 'ok',
        reason: say`A lead from the sender’s body to the car’s earth: the gauge does not care what the plate sits on.`,
      }
    : {
        ...base,
        title: senderEarth === 'plate' ? 'Sender earthed through plate and gasket' : 'Sender without an earth',
        state: senderEarth === 'plate' ? 'caution' : 'stop',
        next: say`A lead of its own from the sender’s body to the car’s earth`,
        reason:
          senderEarth === 'plate'
            ? say`It works until gasket and sealant insulate the plate: then the gauge wanders with every bump.`
            : say`A new plate on a gasket insulates it: the gauge stays at one end.`,
      }
}

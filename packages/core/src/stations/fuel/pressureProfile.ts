import type { Line } from '../../fuel/circuitTypes.ts'
import { columnPa } from '../../fuel/lineLoss.ts'
import type { SolvedPoint } from './solvedPoint.ts'

export type ProfilePart = 'tank' | 'strainer' | 'suction' | 'pump' | 'filter' | 'feed' | 'rail' | 'regulator' | 'return'

/** One piece of the way of the fuel, with the pressure at both its ends, gauge. Only lines have a length. */
export interface ProfilePiece {
  readonly part: ProfilePart
  readonly lengthM: number
  readonly fromPa: number
  readonly toPa: number
}

const wholeLengthM = (line: Line): number =>
  line.lengthM + (line.then ?? []).reduce((sum, piece) => sum + piece.lengthM, 0)

/**
 * Pressure along the circuit, from the tank to the rail and, in a return system, back. In a single-line system the
 * regulator stands at the tank end and the way ends at the rail. Empty for a starved circuit: no pressures exist there.
 */
export const pressureProfile = ({ circuit, answer }: SolvedPoint): ProfilePiece[] => {
  const { pumpInletPa, pumpOutletPa, regulatedPa, railPa, filterDropPa, regulatorBackPa } = answer
  if (pumpInletPa === null || pumpOutletPa === null || railPa === null || regulatedPa === null) return []
  const tankPa = circuit.tankPressurePa ?? 0
  const single = circuit.regulator.type === 'single-line'
  const pieces: ProfilePiece[] = []
  let atPa = tankPa
  const add = (part: ProfilePart, toPa: number, lengthM = 0) => {
    pieces.push({ part, lengthM, fromPa: atPa, toPa })
    atPa = toPa
  }
  const filter = (position: 'before-regulator' | 'after-regulator') => {
    if (circuit.filter?.position === position) add('filter', atPa - (filterDropPa ?? 0))
  }
  add('tank', tankPa)
  if (circuit.strainer) add('strainer', tankPa - (answer.strainerDropPa ?? 0))
  if (circuit.suction) add('suction', pumpInletPa, wholeLengthM(circuit.suction))
  add('pump', pumpOutletPa)
  filter('before-regulator')
  if (single) {
    add('regulator', regulatedPa)
    filter('after-regulator')
  }
  add('feed', atPa - (answer.feedDropPa ?? 0) - columnPa(circuit.feed.riseM, circuit.fluid), wholeLengthM(circuit.feed))
  add('rail', railPa)
  if (!single && circuit.return) {
    add('regulator', regulatorBackPa ?? 0)
    add('return', tankPa, wholeLengthM(circuit.return))
    add('tank', tankPa)
  }
  return pieces
}

import { entered, figure, group, listOf, newItem, seen, whole, word, type ItemOf } from '../shape/index.ts'

/** A wire that was traced from the loom's end to what it leads to; its id says which: "injector-3". */
const PROVED_WIRE = group({
  /** Number of the cylinder that it was found at. */
  leadsTo: whole(1, 16),
})
export type ProvedWire = ItemOf<typeof PROVED_WIRE>
export const provedWire = (id: string, leadsTo: number | null): ProvedWire => newItem(PROVED_WIRE, id, { leadsTo })

const rotorDeg = figure('angle', 1, 60, 'degrees of the distributor')

/** Spark: who makes the advance, where the rotor stands, what drives the coil, who fires with whom. */
export const ENGINE_TOP_IGNITION = group({
  weights: word('free', 'locked'),
  can: word('connected', 'plugged', 'none'),
  /** Advance of the vacuum can by itself, of the crank. */
  canDeg: figure('angle', 0, 60, 'degrees of crank'),
  /** Advance that the ECU may command, of the crank. */
  leastDeg: figure('angle', -20, 60, 'degrees of crank'),
  mostDeg: figure('angle', 0, 70, 'degrees of crank'),
  tipDeg: rotorDeg,
  terminalDeg: rotorDeg,
  /** Middle of the rotor past its terminal, in the way it turns, seen at an advance. */
  pastDeg: figure('angle', -60, 60, 'degrees of the distributor'),
  seenAtDeg: figure('angle', -20, 70, 'degrees of crank'),
  /** Rotor, seen from above. */
  turns: word('clockwise', 'anticlockwise'),
  /** Reference angle as the ECU has it. */
  referenceDeg: figure('angle', -180, 720, 'degrees of crank'),
  /** The ECU cannot be told another one. */
  referenceFixed: seen,
  coil: word('plain', 'own-driver'),
  /** What the ECU's output gives. */
  output: word('coil-driver', 'logic'),
  /** Between output and coil. */
  box: word('none', 'igniter', 'external-box'),
  tachFrom: word('coil-minus', 'box', 'ecu'),
  ecuFedFrom: word('own-feed', 'coil-plus'),
  pickUp: word('variable-reluctance', 'hall'),
  ecuReads: word('variable-reluctance', 'hall'),
  polarity: word('right', 'swapped'),
  coils: word('one', 'pairs', 'one-each'),
  /** Crank degrees from firing to firing where they differ: "90-150-90-150-90-150". */
  intervals: entered(80),
  numbering: word('one-row', 'banks-in-turn', 'alternating'),
  /** Bank of number one, seen from the seat. */
  firstBank: word('left', 'right'),
  /** Which end the wires were labelled from. */
  labelledFrom: word('front', 'bulkhead'),
  proved: listOf(PROVED_WIRE, 48, 'wire'),
})

import type { JobDocument } from '../../job/index.ts'
import { designOf, type FuelDesign } from './fuelDesign.ts'

import type { Verdict } from '../../verdict/index.ts'
import type { FuelCircuit, FuelCircuitAnswer } from '../../fuel/circuitTypes.ts'
import { solveFuelCircuit } from '../../fuel/solveFuelCircuit.ts'
import { circuitOfJob, type CircuitGap } from './circuitOfJob.ts'
import { engineOfJob } from '../../moments/index.ts'
import { type EngineOnFuel, type OperatingPoint } from '../../engine/index.ts'

export type FuelVerdict = Verdict

/** A point with its circuit solved. */
export interface SolvedPoint {
  readonly point: OperatingPoint
  readonly circuit: FuelCircuit
  readonly answer: FuelCircuitAnswer
}

/** Everything the judges look at. */
export interface FuelCase {
  readonly design: FuelDesign
  readonly engine: EngineOnFuel
  readonly solved: readonly SolvedPoint[]
  /** What keeps the circuit from being solved at some point; null when all are. */
  readonly gap: CircuitGap | null
}

/** One point solved, or why it cannot be. */
export const solvePoint = (design: FuelDesign, point: OperatingPoint): SolvedPoint | CircuitGap => {
  const circuit = circuitOfJob(design, point)
  if (!circuit.ok) return circuit.error
  const answer = solveFuelCircuit(circuit.value)
  // circuitOfJob has already refused what the solver refuses, so an error here is a fault of ours.
  if (!answer.ok) throw new Error(`fuel circuit of a job refused: ${JSON.stringify(answer.error)}`)
  return { point, circuit: circuit.value, answer: answer.value }
}

export const isSolved = (s: SolvedPoint | CircuitGap): s is SolvedPoint => 'answer' in s

/** Every moment of an engine solved with a design. */
export const caseOfDesign = (design: FuelDesign, engine: EngineOnFuel): FuelCase => {
  const all = engine.points.map((p) => solvePoint(design, p))
  return {
    design,
    engine,
    solved: all.filter(isSolved),
    gap: all.find((s): s is CircuitGap => !isSolved(s)) ?? null,
  }
}

export const fuelCase = (job: JobDocument): FuelCase => caseOfDesign(designOf(job), engineOfJob(job))

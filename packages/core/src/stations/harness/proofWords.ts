import type { LoomFault, Reading } from '../../harness/index.ts'
import { counted } from '../../words/index.ts'
import type { LoomProof } from './proofOfLoom.ts'
import { endWords, type CircuitEnd } from './wireEnds.ts'

/** How a pin is said: "ECU pin A7", "Battery, ring of wire 12". */
export const pinWords = (proof: LoomProof, pin: string): string => {
  for (const e of proof.ends)
    for (const end of [e.from, e.to])
      if (end.pin === pin) return end.cavity === null ? `${end.name}, ${end.termination === 'ring' ? 'ring' : 'blade'} of wire ${e.number}` : endWords(end) // prettier-ignore
  return pin
}

const wireWords = (proof: LoomProof, id: string): string => {
  const e = proof.ends.find((x) => x.circuit.id === id)
  return e ? `wire ${e.number} (${e.circuit.name})` : id
}
const netWords = (proof: LoomProof, id: string): string => {
  const e = proof.ends.find((x) => x.circuit.id === id)
  const net = e?.circuit.net
  return net === null || net === undefined ? wireWords(proof, id) : `the splice of wire ${e!.number} (${e!.circuit.name.replace(/, to its splice$/, '')})` // prettier-ignore
}

/** What is wrong, as it is said aloud. */
export const faultWords = (proof: LoomProof, f: LoomFault): string => {
  switch (f.kind) {
    case 'open':
      return `${wireWords(proof, f.wire)} is open`
    case 'short':
      return `${netWords(proof, f.one)} is shorted to ${netWords(proof, f.other)}`
    case 'swap': {
      const end = (wire: string, which: 'from' | 'to'): CircuitEnd => proof.ends.find((x) => x.circuit.id === wire)![which]
      return `${wireWords(proof, f.one)} and ${wireWords(proof, f.other)} are swapped: ${endWords(end(f.one, f.oneEnd))} and ${endWords(end(f.other, f.otherEnd))}`
    }
    case 'astray':
      return `${wireWords(proof, f.wire)} is wired to ${netWords(proof, f.to)}`
  }
} // prettier-ignore

/** A reading as it is taken: "Clip on ECU pin A7; probe on Coolant sensor pin 1". */
export const readingWords = (proof: LoomProof, r: Reading): string => {
  const side = (pins: readonly string[]): string =>
    pins.length === 1 ? pinWords(proof, pins[0]!) : `a bar with ${pins.map((p) => pinWords(proof, p)).join(', ')}`
  return `Clip on ${side(r.clip)}; probe on ${side(r.probe)}`
}

/** What is tied together on a bar, once for all readings: "supplies", "earths". Empty where there is none. */
export const barsOf = (proof: LoomProof): readonly { readonly name: string; readonly pins: string }[] =>
  (['supply', 'earth'] as const).flatMap((because) => {
    const probes = proof.plan.readings
      .filter((r) => r.because === because && r.probe.length > 1)
      .flatMap((r) => r.probe)
    const pins = [...new Set(probes)]
    return pins.length === 0 ? [] : [{ name: because === 'supply' ? 'all supplies' : 'all earths', pins: pins.map((p) => pinWords(proof, p)).join(', ') }] // prettier-ignore
  })

/** What no reading proves. */
export const unprovedOf = (proof: LoomProof): readonly string[] => [
  ...(proof.plan.pairsUnproved > 0 ? [`${counted(proof.plan.pairsUnproved, 'pair')} of nets are read against each other by nothing`] : []),
  ...(proof.plan.lonely.length > 0 ? [`${counted(proof.plan.lonely.length, 'wire')} with one pin only: there is nothing to read it against`] : []),
  'swapped wires of one net: they read alike, and do no harm but to their lengths',
  'a wire that hangs on one strand: it rings, and fails under load; pull at every crimp',
  'shields, seals and what a meter’s few volts do not break through',
  'cavities that were counted and not looked up: they are marked',
] // prettier-ignore

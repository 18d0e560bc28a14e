import type { JobDocument } from '../job/index.ts'
import type { LoomWire, WireRole } from '../sections/index.ts'

/**
 * Circuits of a loom that a wire of the power station is made of, in series. The cables of battery, starter and
 * generator are no part of the loom.
 */
export const CIRCUITS_OF_ROLE: Readonly<Partial<Record<WireRole, readonly string[]>>> = {
  ecuFeed: ['ecu-feed'],
  ecuEarth: ['ecu-earth'],
  keyedFeed: ['keyed-feed'],
  pumpFeed: ['pump-supply', 'pump-feed'],
  pumpEarth: ['pump-return'],
  fanFeed: ['fan-supply', 'fan-feed'],
  fanEarth: ['fan-return'],
}

/** Wires of the accepted loom that a wire of the power station is made of; null while none is accepted that has them. */
export const loomWiresOf = (job: JobDocument, role: WireRole): readonly LoomWire[] | null => {
  const ids = CIRCUITS_OF_ROLE[role]
  const { loom } = job.harness
  if (!ids || loom === null) return null
  const wires = ids.flatMap((id) => loom.wires.find((w) => w.id === id) ?? [])
  return wires.length === ids.length ? wires : null
}

/** Length of a power wire in the accepted loom, m; null without one. */
export const loomLengthM = (job: JobDocument, role: WireRole): number | null => {
  const wires = loomWiresOf(job, role)
  if (wires === null || wires.some((w) => w.lengthM === null)) return null
  return wires.reduce((sum, w) => sum + w.lengthM!, 0)
}

/** Its size there; the thinnest of what it is made of. */
export const loomSizeOf = (job: JobDocument, role: WireRole): string | null => {
  const wires = loomWiresOf(job, role)
  return wires?.find((w) => w.size !== null)?.size ?? null
}

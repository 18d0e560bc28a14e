import {
  emptyLeg,
  emptyLine,
  type Catalogue,
  type FuelSection,
  type LineDesign,
  type LineLeg,
  type Part,
} from '@lochmoor/core'

/** A part of the stock catalogue by its id. */
export const pick = <T extends Part>(parts: readonly T[], id: string): T => {
  const part = parts.find((p) => p.id === id)
  if (!part) throw new Error(`the demo asks for ${id}, which the stock catalogue has not`)
  return part
}

/** A line of so much of one hose. */
export const line = (c: Catalogue, hoseId: string, lengthM: number, riseM: number, bends90: number): LineDesign => ({
  ...emptyLine,
  hose: pick(c.hoses, hoseId),
  lengthM,
  riseM,
  bends90,
  bends45: 2,
})

/** A leg from the catalogue's ids. */
export const leg = (
  c: Catalogue,
  name: string,
  lengthM: number,
  ends: readonly [start: string | null, end: string | null],
  more: Partial<LineLeg> = {},
): LineLeg => ({
  ...emptyLeg(`leg-${name.toLowerCase().replace(/[^a-z]+/g, '-')}`, name),
  lengthM,
  bends90: 0,
  bends45: 0,
  start: ends[0] === null ? null : pick(c.fittings, ends[0]),
  end: ends[1] === null ? null : pick(c.fittings, ends[1]),
  ...more,
})

/** What the cars of the demo have done about fire. */
export const SAFE: FuelSection['safety'] = { stopsWithEngine: true, inertiaSwitch: true, fused: true }

import { packOnStock, type Packing } from '../../numeric/cuttingStock.ts'

/** A wire to cut off a spool. */
export interface WireToCut {
  readonly id: string
  readonly size: string
  readonly colour: string
  readonly lengthM: number
}

/** Wires of one size and colour, packed on the lengths that such wire is bought in. */
export interface SpoolCut {
  readonly key: string
  readonly size: string
  readonly colour: string
  readonly spoolM: number
  readonly wires: readonly WireToCut[]
  readonly packing: Packing
  /** Too long for one length: joined nowhere, so another length has to be bought. */
  readonly tooLong: readonly WireToCut[]
}

/** What is lost to the cutter between two pieces, m. */
const CUT_M = 1e-3

/** The cut list: wires by size and colour, the fewest lengths for each. */
export const cutBySpool = (wires: readonly WireToCut[], spoolM: number): SpoolCut[] => {
  const keys = [...new Map(wires.map((w) => [`${w.size} ${w.colour}`, w])).entries()]
  return keys.map(([key, { colour, size }]) => {
    const own = wires.filter((w) => w.size === size && w.colour === colour)
    const fit = own.filter((w) => w.lengthM <= spoolM)
    return {
      key,
      size,
      colour,
      spoolM,
      wires: fit,
      packing: packOnStock(
        fit.map((w) => w.lengthM),
        spoolM,
        CUT_M,
      ),
      tooLong: own.filter((w) => w.lengthM > spoolM),
    }
  })
}

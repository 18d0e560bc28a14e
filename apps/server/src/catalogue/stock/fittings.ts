import type { FittingPart, HosePart } from '@lochmoor/core'
import { kPa, mm } from './units.ts'

/** Threads of the 37° flare by dash size: public, SAE J514. */
const FLARE_37: Readonly<Record<number, string>> = {
  4: '7/16-20 UNF, 37° flare',
  5: '1/2-20 UNF, 37° flare',
  6: '9/16-18 UNF, 37° flare',
  8: '3/4-16 UNF, 37° flare',
}
/** Tube of a dash size, in sixteenths of an inch. */
const INCH: Readonly<Record<number, string>> = { 4: '1/4 in', 5: '5/16 in', 6: '3/8 in', 8: '1/2 in' }

interface Shape {
  readonly make: FittingPart['make']
  readonly dash: number
  readonly angleDeg: number
  readonly thread: string
  readonly fits: readonly HosePart['kind'][]
  /** Handbook classes of loss: straight 0.15, 45° 0.35, 90° forged 0.9 or of bent tube 0.5. */
  readonly lossK: number
  readonly takesUpMm: number
  readonly mostKPa: number
  readonly priceClass: number
}

const fitting = (id: string, name: string, s: Shape): FittingPart => ({
  id,
  name,
  priceClass: s.priceClass,
  make: s.make,
  dash: s.dash,
  angleDeg: s.angleDeg,
  thread: s.thread,
  fits: s.fits,
  lossK: s.lossK,
  takesUpM: mm(s.takesUpMm),
  mostPressurePa: kPa(s.mostKPa),
})

const BENT_LOSS: Readonly<Record<number, number>> = { 0: 0.15, 45: 0.35, 90: 0.5 }
const angleWord = (deg: number): string => (deg === 0 ? 'straight' : `${deg}°`)

/** Two-piece ends of 37° flare for lined hose, in three angles. */
const reusable = [4, 6, 8].flatMap((dash) =>
  [0, 45, 90].map((deg) =>
    fitting(`scree-r${dash}-${deg}`, `Scree two-piece end dash ${dash}, ${angleWord(deg)}`, {
      make: 'reusable',
      dash,
      angleDeg: deg,
      thread: FLARE_37[dash]!,
      fits: ['lined-hose'],
      lossK: BENT_LOSS[deg]!,
      takesUpMm: 18 + dash + deg / 5,
      mostKPa: 1800,
      priceClass: deg === 0 ? 2 : 3,
    }),
  ),
)

/** Crimped ends for injection hose and lined hose. */
const crimped = [4, 5, 6].flatMap((dash) =>
  [0, 90].map((deg) =>
    fitting(`scree-c${dash}-${deg}`, `Scree crimped end dash ${dash}, ${angleWord(deg)}`, {
      make: 'crimped',
      dash,
      angleDeg: deg,
      thread: FLARE_37[dash]!,
      fits: ['rubber', 'lined-hose'],
      lossK: BENT_LOSS[deg]!,
      takesUpMm: 14 + dash + deg / 6,
      mostKPa: 2000,
      priceClass: 2,
    }),
  ),
)

/** Quick connectors on the spigots of pump hats, filters and rails; spigot sizes public, SAE J2044. */
const quick = [5, 6].flatMap((dash) =>
  [0, 90].map((deg) =>
    fitting(`scree-q${dash}-${deg}`, `Scree quick connector ${INCH[dash]}, ${angleWord(deg)}`, {
      make: 'quick-connector',
      dash,
      angleDeg: deg,
      thread: `spigot ${INCH[dash]}`,
      fits: ['rubber', 'lined-hose'],
      lossK: deg === 0 ? 0.3 : 0.9,
      takesUpMm: 22 + deg / 9,
      mostKPa: 1000,
      priceClass: 2,
    }),
  ),
)

/** Nut and sleeve for hard tube. */
const flareNuts = [4, 5, 6].map((dash) =>
  fitting(`scree-n${dash}`, `Scree nut and sleeve for ${INCH[dash]} tube`, {
    make: 'flare-nut',
    dash,
    angleDeg: 0,
    thread: FLARE_37[dash]!,
    fits: ['hard-tube'],
    lossK: 0.1,
    takesUpMm: 2,
    mostKPa: 3000,
    priceClass: 1,
  }),
)

const barbs = [4, 5, 6].map((dash) =>
  fitting(`scree-b${dash}`, `Scree beaded barb ${INCH[dash]} with hose clip`, {
    make: 'barb-and-clamp',
    dash,
    angleDeg: 0,
    thread: `${INCH[dash]} bead`,
    fits: ['rubber'],
    lossK: 0.25,
    takesUpMm: 0,
    mostKPa: 350,
    priceClass: 1,
  }),
)

/** Invented make on public threads and dash sizes. */
export const FITTINGS: readonly FittingPart[] = [...reusable, ...crimped, ...quick, ...flareNuts, ...barbs]

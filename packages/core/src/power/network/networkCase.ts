/** What a vehicle's electrical system is made of, and its moments. SI; the contract of `dc-network`. */

export interface Conductor {
  /** At 293.15 K, ohm·m. */
  readonly resistivityOhmM: number
  readonly coefficientPerK: number
}
/** Annealed copper: IEC 60028. */
export const COPPER: Conductor = { resistivityOhmM: 1.7241e-8, coefficientPerK: 0.00393 }
/** Temperature that resistances, coils and thresholds are stated at, K. */
export const REFERENCE_K = 293.15
/** Set points of alternators are stated at it, K. */
export const SET_POINT_K = 298.15
/** A resistance of wire, closed contact, fuse or relay contact below this counts as this, ohm. */
export const LEAST_OHM = 1e-6
/** No conductance counts as more, S: at 100 A that is a microvolt, and currents keep their digits. */
export const MOST_S = 1e8
/** Every node leaks to the reference through it, so that none is undetermined, ohm. */
export const LEAK_OHM = 1e9

/** One way of a wire: by length and section, by length and a table's resistance, or as measured. */
export interface WirePart {
  readonly id: string
  readonly from: string
  readonly to: string
  readonly lengthM?: number | undefined
  readonly sectionM2?: number | undefined
  /** At 293.15 K. */
  readonly ohmPerM?: number | undefined
  readonly temperatureK?: number | undefined
  readonly parallel?: number | undefined
  readonly resistanceOhm?: number | undefined
  /** Both terminals together. */
  readonly contactOhm?: number | undefined
}

export interface ContactPart {
  readonly id: string
  readonly from: string
  readonly to: string
  readonly resistanceOhm: number
  readonly closed?: boolean | undefined
}

export interface FusePart {
  readonly id: string
  readonly from: string
  readonly to: string
  readonly ratingA: number
  readonly resistanceOhm: number
  readonly blown?: boolean | undefined
}

/** `values[i][j]` belongs to `charges[i]` and `temperaturesK[j]`. */
export interface ChargeTable {
  readonly charges: readonly number[]
  readonly temperaturesK: readonly number[]
  readonly values: readonly (readonly number[])[]
}

export interface BatteryPart {
  readonly id: string
  readonly kind: 'battery'
  readonly pos: string
  readonly neg: string
  readonly openCircuitV: number | ChargeTable
  readonly resistanceOhm: number | ChargeTable
  readonly chargeOhm?: number | ChargeTable | undefined
  /** 0 to 1. */
  readonly charge?: number | undefined
  readonly temperatureK?: number | undefined
}

export interface AlternatorPart {
  readonly id: string
  readonly kind: 'alternator'
  readonly pos: string
  readonly neg: string
  readonly setV: number
  readonly setPerK?: number | undefined
  readonly temperatureK?: number | undefined
  readonly droopOhm: number
  readonly limitA: number | readonly (readonly [number, number])[]
  readonly speedRpm?: number | undefined
  readonly sensePos?: string | undefined
  readonly senseNeg?: string | undefined
  readonly mode?: 'regulating' | 'off' | 'dump' | undefined
  readonly dumpV?: number | undefined
  readonly dumpOhm?: number | undefined
}
export type SourcePart = BatteryPart | AlternatorPart

interface LoadBase {
  readonly id: string
  readonly pos: string
  readonly neg: string
  readonly on?: boolean | undefined
  readonly leastV?: number | undefined
  readonly mostV?: number | undefined
}
export type LoadPart = LoadBase &
  (
    | { readonly kind: 'resistance'; readonly ohm: number; readonly duty?: number | undefined }
    | { readonly kind: 'current'; readonly currentA: number }
    | { readonly kind: 'power'; readonly powerW: number }
    | {
        readonly kind: 'lamp'
        readonly ratedV: number
        readonly ratedW: number
        readonly exponent?: number | undefined
        readonly coldRatio?: number | undefined
        readonly filament?: 'hot' | 'cold' | undefined
      }
    | {
        readonly kind: 'motor'
        readonly ratedV: number
        readonly stallA: number
        readonly runA: number
        readonly torque?: 'constant' | 'quadratic' | undefined
        /** Share of rated speed, or as it settles. */
        readonly speed?: 'settled' | number | undefined
      }
  )

export interface RelayPart {
  readonly id: string
  readonly coilPos: string
  readonly coilNeg: string
  readonly coilOhm: number
  readonly coilTemperatureK?: number | undefined
  readonly pullInV: number
  readonly dropOutV: number
  readonly common: string
  readonly make?: string | undefined
  readonly break?: string | undefined
  readonly contactOhm?: number | undefined
  readonly energised?: boolean | undefined
}

export interface DiodePart {
  readonly id: string
  readonly anode: string
  readonly cathode: string
  readonly forwardV: number
  readonly resistanceOhm: number
  readonly clampV?: number | undefined
}

/** New values for fields of one part, for one moment. */
export interface PartChange {
  readonly id: string
  readonly [field: string]: unknown
}

export interface NetworkMoment {
  readonly id: string
  readonly changes?: readonly PartChange[] | undefined
  readonly durationS?: number | undefined
}

export interface NetworkCase {
  /** The node that counts as 0 V. */
  readonly reference: string
  readonly temperatureK?: number | undefined
  readonly conductor?: Partial<Conductor> | undefined
  readonly wires?: readonly WirePart[] | undefined
  readonly contacts?: readonly ContactPart[] | undefined
  readonly fuses?: readonly FusePart[] | undefined
  readonly sources?: readonly SourcePart[] | undefined
  readonly loads?: readonly LoadPart[] | undefined
  readonly relays?: readonly RelayPart[] | undefined
  readonly diodes?: readonly DiodePart[] | undefined
  readonly moments?: readonly NetworkMoment[] | undefined
}

/** The lists of parts, in the order of the contract. */
export const PART_LISTS = ['wires', 'contacts', 'fuses', 'sources', 'loads', 'relays', 'diodes'] as const
export type PartListName = (typeof PART_LISTS)[number]
export type NetworkPart = WirePart | ContactPart | FusePart | SourcePart | LoadPart | RelayPart | DiodePart

/** Nodes that a part names, sense leads included. */
export const nodesOf = (part: NetworkPart): string[] => {
  if ('from' in part) return [part.from, part.to]
  if ('anode' in part) return [part.anode, part.cathode]
  const also = (node: string | undefined): string[] => (node === undefined ? [] : [node])
  if ('coilPos' in part) return [part.coilPos, part.coilNeg, part.common, ...also(part.make), ...also(part.break)]
  if (part.kind === 'alternator') return [part.pos, part.neg, ...also(part.sensePos), ...also(part.senseNeg)]
  return [part.pos, part.neg]
}

/** What a `current` or `power` load works from where it gives no figure of its own, V. */
export const DEFAULT_LEAST_V = { current: 1, power: 6 } as const
/** The least voltage a load is judged by; null where it gives none and its kind has none. */
export const leastVOf = (load: LoadPart): number | null =>
  load.leastV ?? (load.kind === 'current' || load.kind === 'power' ? DEFAULT_LEAST_V[load.kind] : null)

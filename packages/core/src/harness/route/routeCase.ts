/** A corridor of the car's plan, between two places and both ways. SI units. */
export interface RouteCorridor {
  readonly id: string
  readonly from: string
  readonly to: string
  readonly lengthM: number
  /** The hottest that a wire gets there. */
  readonly temperatureK: number
  readonly wet?: boolean
  /** Something moves, rubs or turns there. */
  readonly moving?: boolean
  /** Classes that must be kept apart may both run here, each in a bundle of its own. */
  readonly apart?: boolean
  /** Pick-up per metre of circuits that count it. */
  readonly noisePerM?: number
  readonly freeAreaM2?: number
  /** It leads through a panel; `fill` is the share of the bore that wires may take, 0.45 if not given. */
  readonly hole?: { readonly boreM: number; readonly fill?: number }
}

/** A lead that exists already. Without `extend` it must not be lengthened. */
export interface KitLead {
  readonly reachM: number
  readonly extend?: { readonly minutes: number; readonly mostM: number }
}

export interface RouteCircuit {
  readonly id: string
  /** A place, or `unit`. */
  readonly from: string
  readonly to: string
  readonly class: string
  /** Over its insulation. */
  readonly diameterM: number
  readonly limitK: number
  readonly leadFromM?: number
  readonly leadToM?: number
  readonly mostLengthM?: number
  readonly kit?: KitLead
  readonly flexible?: boolean
  readonly noiseBudget?: number
  /** Diagonal of a plug that has to pass every hole on its way. */
  readonly plugM?: number
  /** The plug may come off and go on again. */
  readonly repin?: boolean
  /** Corridors that somebody has ruled out for it, and those that it has to take. Not part of the calculator. */
  readonly avoid?: readonly string[]
  readonly through?: readonly string[]
}

export interface UnitCandidate {
  readonly id: string
  readonly place: string
  readonly temperatureK: number
  readonly wet?: boolean
  /** Mounting it there, and reaching it afterwards. */
  readonly minutes: number
}

/** Minutes of work. */
export interface RouteRates {
  /** Per metre of corridor and circuit. */
  readonly lay: number
  /** Per metre of new wire. */
  readonly wire: number
  /** Per bundle and corridor. */
  readonly open: number
  /** Per metre of bundle; in the heat and in the wet as much again each. */
  readonly bundle: number
  readonly heat: number
  readonly wet: number
  /** Per circuit and hole. */
  readonly cross: number
  /** Per plug and hole that is too small for it. */
  readonly repin: number
  /** Per metre of a kit lead that is too long. */
  readonly fold: number
}

export interface RouteCase {
  readonly corridors: readonly RouteCorridor[]
  readonly circuits: readonly RouteCircuit[]
  readonly unit?: {
    readonly limitK: number
    readonly wetProof?: boolean
    readonly candidates: readonly UnitCandidate[]
  }
  /** Classes that must not share a corridor, unless it is `apart`. */
  readonly separate?: readonly (readonly [string, string])[]
  /** Circuits that take one and the same way. */
  readonly together?: readonly (readonly string[])[]
  readonly rates: RouteRates
  /** From this temperature on a bundle needs a heat sleeve; 373.15 K if not given. */
  readonly sleeveFromK?: number
  readonly slack?: { readonly share?: number; readonly perEndM?: number }
}

export const ROUTE_CONSTRAINTS = [
  'area',
  'heat',
  'hole',
  'length',
  'motion',
  'noise',
  'place',
  'plug',
  'separation',
  'way',
] as const
export type RouteConstraint = (typeof ROUTE_CONSTRAINTS)[number]

export interface BrokenRule {
  /** `locked`: a corridor that somebody wants it to take is not on its way, or one that is ruled out is. */
  readonly constraint: RouteConstraint | 'locked'
  /** Of a circuit, a corridor or a candidate. */
  readonly id: string
}

export const COST_SHARES = [
  'lay',
  'wire',
  'fold',
  'extend',
  'open',
  'bundle',
  'heat',
  'wet',
  'cross',
  'repin',
  'place',
] as const
export type CostShare = (typeof COST_SHARES)[number]
export type RouteCost = Readonly<Record<CostShare, number>> & { readonly total: number }

export interface CircuitRoute {
  readonly id: string
  /** In order from its `from`; null where no corridors lead there. */
  readonly corridors: readonly string[] | null
  readonly pathM: number | null
  readonly wireM: number | null
  readonly surplusM: number | null
  readonly shortfallM: number | null
}

export interface RouteBundle {
  readonly corridor: string
  readonly class: string
  readonly circuits: readonly string[]
  readonly diameterM: number
}

export interface CorridorFill {
  readonly corridor: string
  readonly takenM2: number
  readonly allowedM2: number
}

export interface RoutePlan {
  readonly feasible: boolean
  readonly broken: readonly BrokenRule[]
  readonly place: string | null
  readonly routes: readonly CircuitRoute[]
  readonly bundles: readonly RouteBundle[]
  readonly fills: readonly CorridorFill[]
  readonly cost: RouteCost
  /** A proven lower bound of the total; null where none was proven or a rule is broken. */
  readonly bound: number | null
}

/** Sums may be over a limit by this share of it. */
export const ROUTE_MARGIN = 1e-9
/** Whether a sum is over a limit. */
export const isOver = (sum: number, limit: number): boolean => sum > limit + Math.abs(limit) * ROUTE_MARGIN
export const SLEEVE_FROM_K = 373.15
export const USUAL_FILL = 0.45
/** Stands for the control unit as an end of a circuit. */
export const UNIT = 'unit'

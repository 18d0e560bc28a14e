/** What is found of a network at one moment. */

export interface WireFigures {
  readonly resistanceOhm: number
  /** From `from` to `to`. */
  readonly currentA: number
  readonly dropV: number
  readonly lossW: number
}
export type ContactFigures = Omit<WireFigures, 'resistanceOhm'>
export interface FuseFigures extends ContactFigures {
  /** Of its rating. */
  readonly share: number
  readonly i2tA2S: number | null
}
export interface BatteryFigures {
  /** Out of the positive terminal. */
  readonly currentA: number
  readonly voltageV: number
  readonly openCircuitV: number
  readonly resistanceOhm: number
  readonly state: 'discharging' | 'charging' | 'idle'
}
export interface AlternatorFigures {
  readonly currentA: number
  readonly voltageV: number
  readonly limitA: number
  readonly state: 'regulating' | 'limited' | 'idle' | 'off' | 'dump'
}
export interface LoadFigures {
  readonly currentA: number
  readonly voltageV: number
  readonly powerW: number
  /** Of its negative side against the reference; null where that floats. */
  readonly liftV: number | null
}
export interface RelayFigures {
  readonly energised: boolean
  readonly coilA: number
  readonly coilV: number
  /** Both at the coil's temperature. */
  readonly pullInV: number
  readonly dropOutV: number
  readonly makeA: number
  readonly breakA: number
}
export interface DiodeFigures {
  readonly currentA: number
  readonly voltageV: number
  readonly state: 'blocks' | 'conducts' | 'clamps'
}
export type PartFigures =
  | WireFigures
  | ContactFigures
  | FuseFigures
  | BatteryFigures
  | AlternatorFigures
  | LoadFigures
  | RelayFigures
  | DiodeFigures

export interface MomentResult {
  readonly id: string
  readonly state: 'solved' | 'collapsed' | 'chatters'
  readonly chattering: readonly string[]
  readonly collapsed: readonly string[]
  readonly starved: readonly string[]
  readonly overVolted: readonly string[]
  readonly floating: readonly string[]
  readonly nodesV: Readonly<Record<string, number | null>>
  readonly parts: Readonly<Record<string, PartFigures>>
}

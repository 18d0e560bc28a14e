/**
 * Standard wire sizes with the resistance to plan by. Metric: the maximum at 20 °C that ISO 6722-1 and ISO 19642 allow
 * for bare copper (from memory: check before you quote it), 6 to 11 % above rho/A. AWG: solid-equivalent area by ASTM B258,
 * exact, rho/A with 2 % for stranding (typical). SAE gauge is not AWG: nominal metric equivalents of SAE J1128 (from memory),
 * planned at 1.09 rho/A.
 */
export interface WireSize {
  /** "mm2-2.5", "awg-14", "sae-14". */
  readonly id: string
  /** As printed: "2.5 mm²", "AWG 14", "SAE 14". */
  readonly words: string
  /** Nominal, m². */
  readonly sectionM2: number
  /** At 293.15 K, ohm/m. */
  readonly ohmPerM: number
  /** Where the resistance comes from. */
  readonly source: 'standard, from memory' | 'computed' | 'typical, from memory'
}

/** Resistivity of annealed copper at 293.15 K, ohm·m: IEC 60028. */
const RHO = 1.7241e-8

/** mm² and mohm/m. */
const METRIC = [
  [0.35, 54.4], [0.5, 37.1], [0.75, 24.7], [1, 18.5], [1.5, 12.7], [2, 9.42], [2.5, 7.6], [3, 6.15], [4, 4.71],
  [6, 3.14], [8, 2.38], [10, 1.82], [16, 1.16], [20, 0.955], [25, 0.743], [35, 0.527], [50, 0.368],
] as const // prettier-ignore
/** Printed size and n of d = 0.127 mm x 92^((36 - n)/39). */
const AWG = [['22', 22], ['20', 20], ['18', 18], ['16', 16], ['14', 14], ['12', 12], ['10', 10], ['8', 8], ['6', 6], ['4', 4], ['2', 2], ['1', 1], ['0', 0], ['2/0', -1]] as const // prettier-ignore
/** Printed size and mm² of SAE J1128. */
const SAE = [['22', 0.35], ['20', 0.5], ['18', 0.8], ['16', 1], ['14', 2], ['12', 3], ['10', 5], ['8', 8], ['6', 13], ['4', 19], ['2', 32], ['1', 40], ['0', 50]] as const // prettier-ignore

const STRANDED = 1.02
const SAE_OVER_NOMINAL = 1.09

/** Area of an AWG size, m²: ASTM B258. */
export const awgM2 = (n: number): number => (Math.PI / 4) * (0.127e-3 * 92 ** ((36 - n) / 39)) ** 2

export const WIRE_SIZES: readonly WireSize[] = [
  ...METRIC.map(([mm2, mohm]): WireSize => ({
    id: `mm2-${mm2}`,
    words: `${mm2} mm²`,
    sectionM2: mm2 * 1e-6,
    ohmPerM: mohm * 1e-3,
    source: 'standard, from memory',
  })),
  ...AWG.map(([name, n]): WireSize => ({
    id: `awg-${name.replace('/', '-')}`,
    words: `AWG ${name}`,
    sectionM2: awgM2(n),
    ohmPerM: (STRANDED * RHO) / awgM2(n),
    source: 'computed',
  })),
  ...SAE.map(([name, mm2]): WireSize => ({
    id: `sae-${name}`,
    words: `SAE ${name} (${mm2} mm²)`,
    sectionM2: mm2 * 1e-6,
    ohmPerM: (SAE_OVER_NOMINAL * RHO) / (mm2 * 1e-6),
    source: 'typical, from memory',
  })),
]
export const wireSizeOf = (id: string): WireSize => WIRE_SIZES.find((s) => s.id === id)!

export const WIRE_SIZE_IDS = WIRE_SIZES.map((s) => s.id)

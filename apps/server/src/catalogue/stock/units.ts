/** The units of data sheets, into SI. */
export const kPa = (v: number): number => v * 1e3
export const litresPerHour = (v: number): number => v / 3.6e6
export const ccPerMinute = (v: number): number => v * (1e-6 / 60)
export const mm = (v: number): number => v / 1e3
export const micron = (v: number): number => v / 1e6

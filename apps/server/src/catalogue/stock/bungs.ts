import type { BungPart } from '@lochmoor/core'

const weld = (id: string, name: string, metal: BungPart['metal'], mostPipeM: number): BungPart => ({
  id,
  name,
  priceClass: 1,
  kind: 'weld-in',
  thread: 'M18 x 1.5',
  holeM: 0.02,
  lengthM: 0.03,
  leastPipeM: 0.035,
  mostPipeM,
  saddleRadiusM: null,
  saddleWidthM: null,
  gasketM: null,
  boltThreadM: null,
  nutM: null,
  bands: null,
  metal,
})

const clamp = (
  id: string,
  name: string,
  leastPipeM: number,
  mostPipeM: number,
  saddleRadiusM: number,
  boltThreadM: number,
): BungPart => ({
  id,
  name,
  priceClass: 2,
  kind: 'clamp-on',
  thread: 'M18 x 1.5',
  holeM: 0.022,
  lengthM: 0.06,
  leastPipeM,
  mostPipeM,
  saddleRadiusM,
  saddleWidthM: 0.034,
  gasketM: 0.0015,
  boltThreadM,
  nutM: 0.006,
  bands: 2,
  metal: 'stainless',
})

/** Bosses for oxygen sensors: all invented. */
export const BUNGS: readonly BungPart[] = [
  weld('lintel-w', 'Lintel weld-in bung, mild steel', 'mild-steel', 0.12),
  weld('lintel-ws', 'Lintel weld-in bung, stainless', 'stainless', 0.12),
  clamp('lintel-c45', 'Lintel clamp-on bung, 41 to 48 mm', 0.041, 0.048, 0.0222, 0.025),
  clamp('lintel-c51', 'Lintel clamp-on bung, 48 to 54 mm', 0.048, 0.054, 0.0255, 0.022),
  clamp('lintel-c64', 'Lintel clamp-on bung, 60 to 67 mm', 0.06, 0.067, 0.0318, 0.025),
]

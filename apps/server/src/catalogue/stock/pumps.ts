import type { PumpPart } from '@lochmoor/core'
import { kPa, litresPerHour, mm } from './units.ts'

/** A data sheet: at each pressure the flow and the current, in columns. */
interface Sheet {
  readonly kPa: readonly number[]
  readonly litresPerHour: readonly number[]
  readonly ampere: readonly number[]
}

const table = (voltageV: number, sheet: Sheet) => ({
  voltageV,
  points: sheet.kPa.map((p, i) => ({
    pressurePa: kPa(p),
    flowM3S: litresPerHour(sheet.litresPerHour[i]!),
    currentA: sheet.ampere[i]!,
  })),
})

/** Measured at 12.0 and 13.5 V. */
const MEASURED: readonly Omit<PumpPart, 'works' | 'reliefPa' | 'noiseClass' | 'hangerM' | 'hatHeightM'>[] = [
  {
    id: 'tarnside-t60',
    name: 'Tarnside T60',
    priceClass: 1,
    mount: 'in-tank',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 546],
        litresPerHour: [70, 66.5, 61.5, 56, 50, 37, 22.5, 7, 0],
        ampere: [2.1, 2.5, 2.9, 3.3, 3.6, 4.4, 5.1, 5.9, 6.2],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 620],
        litresPerHour: [82, 78.5, 73.5, 68, 62, 49, 34.5, 19.5, 3.5, 0],
        ampere: [2.2, 2.6, 3, 3.3, 3.7, 4.5, 5.2, 6, 6.7, 6.9],
      }),
    ],
  },
  {
    id: 'tarnside-t75',
    name: 'Tarnside T75',
    priceClass: 2,
    mount: 'in-tank',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 598],
        litresPerHour: [85.5, 82, 77, 71.5, 65, 50.5, 35, 18, 0],
        ampere: [2.3, 2.8, 3.2, 3.6, 4, 4.9, 5.7, 6.6, 7.4],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 680],
        litresPerHour: [100, 96.5, 91.5, 86, 79.5, 65.5, 50, 33, 15, 0],
        ampere: [2.4, 2.8, 3.2, 3.7, 4.1, 4.9, 5.8, 6.7, 7.5, 8.2],
      }),
    ],
  },
  {
    id: 'tarnside-t95',
    name: 'Tarnside T95',
    priceClass: 2,
    mount: 'in-tank',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 651],
        litresPerHour: [106, 102.5, 97.5, 91.5, 84.5, 69, 51, 32, 11, 0],
        ampere: [2.6, 3.1, 3.6, 4, 4.5, 5.5, 6.4, 7.4, 8.3, 8.8],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 740],
        litresPerHour: [124, 120.5, 115.5, 109.5, 103, 87.5, 70, 51, 30.5, 9, 0],
        ampere: [2.7, 3.2, 3.7, 4.1, 4.6, 5.6, 6.5, 7.5, 8.4, 9.4, 9.7],
      }),
    ],
  },
  {
    id: 'tarnside-t150',
    name: 'Tarnside T150',
    priceClass: 3,
    mount: 'in-tank',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 722],
        litresPerHour: [159, 155.5, 150, 142.5, 134.5, 114.5, 91.5, 65.5, 37.5, 7, 0],
        ampere: [3.3, 4, 4.6, 5.3, 6, 7.3, 8.7, 10, 11.4, 12.7, 13],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 800, 820],
        litresPerHour: [186, 183, 177, 170, 162, 142.5, 120.5, 95, 67.5, 38, 6.5, 0],
        ampere: [3.4, 4.1, 4.8, 5.4, 6.1, 7.4, 8.8, 10.2, 11.5, 12.9, 14.2, 14.5],
      }),
    ],
  },
  {
    id: 'tarnside-t220',
    name: 'Tarnside T220',
    priceClass: 4,
    mount: 'in-tank',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 757],
        litresPerHour: [224, 220.5, 214.5, 206, 195.5, 170.5, 140.5, 106, 67.5, 25.5, 0],
        ampere: [4.3, 5.2, 6.1, 7, 8, 9.8, 11.7, 13.5, 15.4, 17.2, 18.3],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 800, 860],
        litresPerHour: [262, 259, 252.5, 244.5, 234.5, 211, 182, 149, 112, 71.5, 28, 0],
        ampere: [4.4, 5.3, 6.2, 7.2, 8.1, 9.9, 11.8, 13.7, 15.5, 17.4, 19.2, 20.3],
      }),
    ],
  },
  {
    id: 'tarnside-tl80',
    name: 'Tarnside TL80, low pressure',
    priceClass: 1,
    mount: 'in-tank',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 211],
        litresPerHour: [96, 81, 59.5, 34.5, 6.5, 0],
        ampere: [1.6, 2, 2.5, 2.9, 3.4, 3.5],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 240],
        litresPerHour: [112, 97.5, 76, 51, 23.5, 0],
        ampere: [1.6, 2.1, 2.5, 3, 3.4, 3.8],
      }),
    ],
  },
  {
    id: 'quarrie-q110',
    name: 'Quarrie Q110',
    priceClass: 2,
    mount: 'in-line',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 704],
        litresPerHour: [119.5, 116.5, 112, 106, 99, 83.5, 65.5, 45.5, 24, 1, 0],
        ampere: [2.8, 3.4, 3.9, 4.5, 5, 6.1, 7.2, 8.3, 9.4, 10.5, 10.6],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 800],
        litresPerHour: [140, 137, 132.5, 126.5, 120, 104.5, 87, 67.5, 46.5, 24, 0],
        ampere: [2.9, 3.5, 4, 4.5, 5.1, 6.2, 7.3, 8.4, 9.5, 10.6, 11.7],
      }),
    ],
  },
  {
    id: 'quarrie-q170',
    name: 'Quarrie Q170',
    priceClass: 3,
    mount: 'in-line',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 748],
        litresPerHour: [178, 175, 169, 162, 153.5, 132.5, 108.5, 80.5, 50, 17, 0],
        ampere: [3.6, 4.4, 5.1, 5.9, 6.7, 8.2, 9.8, 11.3, 12.9, 14.4, 15.2],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 800, 850],
        litresPerHour: [208, 205, 199.5, 192.5, 184.5, 164.5, 141, 114, 84.5, 52.5, 18, 0],
        ampere: [3.7, 4.5, 5.2, 6, 6.8, 8.4, 9.9, 11.4, 13, 14.6, 16.1, 16.9],
      }),
    ],
  },
  {
    id: 'quarrie-q240',
    name: 'Quarrie Q240',
    priceClass: 4,
    mount: 'in-line',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 792],
        litresPerHour: [258, 255, 249, 240, 229.5, 203.5, 171.5, 134.5, 92.5, 46.5, 0],
        ampere: [5, 6.1, 7.1, 8.2, 9.2, 11.3, 13.4, 15.5, 17.6, 19.7, 21.7],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 800, 900],
        litresPerHour: [302, 299, 293, 285, 275, 250, 219.5, 184, 144, 100, 52, 0],
        ampere: [5.2, 6.2, 7.3, 8.3, 9.4, 11.5, 13.6, 15.7, 17.8, 19.9, 22, 24.1],
      }),
    ],
  },
  {
    id: 'quarrie-r130',
    name: 'Quarrie R130 roller',
    priceClass: 3,
    mount: 'in-line',
    tables: [
      table(12, {
        kPa: [0, 100, 200, 300, 400, 500, 600],
        litresPerHour: [138, 134.5, 130.5, 126, 121, 115.5, 109],
        ampere: [3.4, 4.4, 5.4, 6.4, 7.5, 8.6, 9.8],
      }),
      table(13.5, {
        kPa: [0, 100, 200, 300, 400, 500, 600],
        litresPerHour: [160, 156.5, 153, 149, 144, 138.5, 132.5],
        ampere: [3.5, 4.5, 5.5, 6.5, 7.6, 8.7, 9.9],
      }),
    ],
  },
  {
    id: 'ousel-l65',
    name: 'Ousel L65, low pressure',
    priceClass: 1,
    mount: 'in-line',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 202],
        litresPerHour: [82, 68, 48, 25.5, 1, 0],
        ampere: [1.4, 1.8, 2.3, 2.7, 3.2, 3.2],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 230],
        litresPerHour: [96, 81.5, 62, 39.5, 15.5, 0],
        ampere: [1.4, 1.8, 2.3, 2.8, 3.2, 3.5],
      }),
    ],
  },
  {
    id: 'ousel-l100',
    name: 'Ousel L100, low pressure',
    priceClass: 2,
    mount: 'in-line',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 211],
        litresPerHour: [118, 101, 75, 43.5, 8.5, 0],
        ampere: [1.7, 2.3, 2.9, 3.5, 4.1, 4.3],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 240],
        litresPerHour: [138, 121.5, 95.5, 65, 30, 0],
        ampere: [1.8, 2.4, 3, 3.6, 4.2, 4.7],
      }),
    ],
  },
  {
    id: 'ousel-l150',
    name: 'Ousel L150, low pressure',
    priceClass: 2,
    mount: 'in-line',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 229],
        litresPerHour: [167.5, 147.5, 115, 75, 29, 0],
        ampere: [2.3, 3.1, 3.9, 4.7, 5.5, 6],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 260],
        litresPerHour: [196, 176.5, 144.5, 105.5, 60.5, 0],
        ampere: [2.4, 3.2, 4, 4.8, 5.6, 6.6],
      }),
    ],
  },
  {
    id: 'hagg-m120',
    name: 'Hagg M120 module',
    priceClass: 4,
    mount: 'module',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 669],
        litresPerHour: [130, 126.5, 121, 114, 106, 87.5, 66.5, 43.5, 18.5, 0],
        ampere: [2.9, 3.5, 4.1, 4.6, 5.2, 6.4, 7.5, 8.7, 9.8, 10.6],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 760],
        litresPerHour: [152, 148.5, 143, 136.5, 128.5, 110.5, 90, 67.5, 43, 16.5, 0],
        ampere: [3, 3.6, 4.2, 4.7, 5.3, 6.5, 7.6, 8.8, 9.9, 11, 11.7],
      }),
    ],
  },
  {
    id: 'hagg-m190',
    name: 'Hagg M190 module',
    priceClass: 5,
    mount: 'module',
    tables: [
      table(12, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 739],
        litresPerHour: [198.5, 195, 188.5, 180, 170.5, 147, 119.5, 88, 53.5, 15.5, 0],
        ampere: [3.9, 4.7, 5.5, 6.4, 7.2, 8.8, 10.5, 12.1, 13.8, 15.4, 16.1],
      }),
      table(13.5, {
        kPa: [0, 50, 100, 150, 200, 300, 400, 500, 600, 700, 800, 840],
        litresPerHour: [232, 228.5, 222.5, 214.5, 205, 182.5, 156, 125.5, 92, 55.5, 16.5, 0],
        ampere: [4, 4.8, 5.7, 6.5, 7.3, 8.9, 10.6, 12.2, 13.9, 15.6, 17.2, 17.9],
      }),
    ],
  },
]

interface Body {
  readonly noise: number
  /** A roller pump, by its relief valve; the others are turbines without one. */
  readonly rollerReliefKPa?: number
  /** Under and above the hat; nothing for what does not hang in a tank. */
  readonly hangerMm?: number
  readonly hatMm?: number
}

const BODIES: Readonly<Record<string, Body>> = {
  'tarnside-t60': { noise: 1, hangerMm: 190, hatMm: 18 },
  'tarnside-t75': { noise: 1, hangerMm: 190, hatMm: 18 },
  'tarnside-t95': { noise: 2, hangerMm: 200, hatMm: 18 },
  'tarnside-t150': { noise: 2, hangerMm: 215, hatMm: 20 },
  'tarnside-t220': { noise: 3, hangerMm: 230, hatMm: 20 },
  'tarnside-tl80': { noise: 1, hangerMm: 180, hatMm: 16 },
  'quarrie-q110': { noise: 4 },
  'quarrie-q170': { noise: 4 },
  'quarrie-q240': { noise: 5 },
  'quarrie-r130': { noise: 5, rollerReliefKPa: 850 },
  'ousel-l65': { noise: 3 },
  'ousel-l100': { noise: 3 },
  'ousel-l150': { noise: 4 },
  'hagg-m120': { noise: 1, hangerMm: 245, hatMm: 22 },
  'hagg-m190': { noise: 2, hangerMm: 260, hatMm: 26 },
}

const bodyOf = (id: string): Body => {
  const body = BODIES[id]
  if (!body) throw new Error(`the pump ${id} has no body`)
  return body
}

/** Invented pumps, plausible in their class. */
export const PUMPS: readonly PumpPart[] = MEASURED.map((pump) => {
  const { noise, rollerReliefKPa, hangerMm, hatMm } = bodyOf(pump.id)
  return {
    ...pump,
    works: rollerReliefKPa === undefined ? 'turbine' : 'positive-displacement',
    reliefPa: rollerReliefKPa === undefined ? null : kPa(rollerReliefKPa),
    noiseClass: noise,
    hangerM: hangerMm === undefined ? null : mm(hangerMm),
    hatHeightM: hatMm === undefined ? null : mm(hatMm),
  }
})

import type { JobDocument } from '../job/index.ts'
import type { Station } from '../sections/index.ts'
import { typicalReidPa } from './typicalReid.ts'
import { assumed, computed, entered, type FigureRule, type Matters, type Source } from './figureRule.ts'

const FUEL: readonly Station[] = ['fuel']
const SHEET = 'a typical module; its data sheet says'
const own = (path: string): Source<number> => entered(path)
const onSheet = (read: (job: JobDocument) => number | null | undefined): Source<number> =>
  computed('the pump’s data sheet', [], (j) => read(j) ?? null)

/** Nothing is asked of tank and vapour before anything of the fuel design stands. */
const begun: Matters = (job) => job.fuel.pump !== null
const withModule: Matters = (_, value) => value('pumpPlace') === 'in-tank'

/** What summer fuel may have as it is sold, its ethanol included: refiners take that much out of the petrol. */
const SUMMER_REID_PA = 60e3

const simple = (path: string, value: number, why: string, matters: Matters = begun): FigureRule<number> => ({
  usedBy: FUEL,
  matters,
  sources: [own(path), assumed(why, value)],
})

/** Tank, vapour and prime: asked for after the circuit itself. House assumptions, shown wherever they are used. */
export const TANK_FIGURES = {
  'fuel.reidPa': {
    usedBy: FUEL,
    matters: begun,
    sources: [
      own('fuel.reidPa'),
      assumed(
        'summer fuel as bought, less with much ethanol; winter fuel has up to 100 kPa',
        (_, given) => Math.min(SUMMER_REID_PA, typicalReidPa(given.number('fuel.ethanolShare'))),
        ['fuel.ethanolShare'],
      ),
    ],
  },
  'fuel.altitudeM': simple('fuel.altitudeM', 1500, 'a mountain pass'),
  'fuel.hotFuelK': simple('fuel.hotFuelK', 318.15, 'a hot day, low tank'),
  'fuel.inletHeadM': {
    usedBy: FUEL,
    matters: begun,
    sources: [
      own('fuel.inletHeadM'),
      assumed(
        'in-tank pump: just covered; in-line: level with the fuel',
        (_, given) => (given.word('pumpPlace') === 'in-tank' ? 0.02 : 0),
        ['pumpPlace'],
      ),
    ],
  },
  'fuel.primeS': simple('fuel.primeS', 2, 'two to three seconds are usual'),
  'fuel.railM3': {
    usedBy: FUEL,
    matters: begun,
    sources: [
      own('fuel.railM3'),
      assumed(
        'throttle body 60 cm³, port rail 120 cm³',
        (_, given) => (given.word('fuel.injectionPlace') === 'port' ? 120e-6 : 60e-6),
        ['fuel.injectionPlace'],
      ),
    ],
  },
  'walkAround.tank.volumeM3': {
    usedBy: ['walkAround', 'fuel'],
    matters: begun,
    sources: [own('walkAround.tank.volumeM3'), assumed('a middling car', 50e-3)],
  },
  'fuel.tank.hangerM': {
    usedBy: FUEL,
    matters: withModule,
    sources: [own('fuel.tank.hangerM'), onSheet((j) => j.fuel.pump?.hangerM), assumed(SHEET, 0.25)],
  },
  'fuel.tank.floorClearanceM': simple(
    'fuel.tank.floorClearanceM',
    0.008,
    '5 to 10 mm, sprung: rule of thumb',
    withModule,
  ),
  'fuel.tank.hatHeightM': {
    usedBy: FUEL,
    matters: withModule,
    sources: [own('fuel.tank.hatHeightM'), onSheet((j) => j.fuel.pump?.hatHeightM), assumed(SHEET, 0.025)],
  },
  'fuel.tank.fittingHeightM': simple('fuel.tank.fittingHeightM', 0.02, 'a 90° end leaving sideways', withModule),
  'fuel.tank.bendRadiusM': simple('fuel.tank.bendRadiusM', 0, 'hose leaves sideways: no bend above', withModule),
  'fuel.tank.lowerM': simple('fuel.tank.lowerM', 0.12, 'a hand’s breadth to reach the fittings'),
  'fuel.tank.lowM3': {
    usedBy: FUEL,
    matters: begun,
    sources: [
      own('fuel.tank.lowM3'),
      assumed('a sixth of the tank', (_, given) => given.number('walkAround.tank.volumeM3') / 6, [
        'walkAround.tank.volumeM3',
      ]),
    ],
  },
  'fuel.tank.lossWK': simple('fuel.tank.lossWK', 15, '1 m² of steel in moving air, 15 W/(m² K): rule of thumb'),
  'fuel.tank.returnWarmerK': {
    usedBy: FUEL,
    matters: begun,
    sources: [
      computed<number>('returnless: none', ['fuel.systemType'], (_, given) =>
        given.word('fuel.systemType') === 'return' ? null : 0,
      ),
      own('fuel.tank.returnWarmerK'),
      assumed('under a warm bonnet: rule of thumb', 3),
    ],
  },
  'fuel.tank.hotDayK': simple('fuel.tank.hotDayK', 303.15, 'rule of thumb'),
  'fuel.tank.pickUpHeightM': simple('fuel.tank.pickUpHeightM', 0.012, 'flat sock on the floor'),
} satisfies Record<string, FigureRule<number>>

import { z } from 'zod'
import { figure, oneOf, orDefault, range, wholeFigure } from '../field/figure.ts'

const placeM = figure(range(-2, 2, 'm'))
const id = z.string({ error: 'allowed: text of 1 to 60 characters' }).min(1).max(60)

export const BonnetClearanceInput = z.strictObject({
  clay: z
    .array(
      z.strictObject({
        id,
        rightM: placeM,
        aheadM: placeM,
        oldTopM: figure(range(-0.2, 0.6, 'm')),
        clayM: figure(range(0, 0.3, 'm')),
        spreadM: orDefault(figure(range(0, 0.02, 'm')), 0.001),
      }),
    )
    .max(24),
  corners: z
    .array(z.strictObject({ id, rightM: placeM, aheadM: placeM, topM: figure(range(-0.2, 0.8, 'm')) }))
    .min(1)
    .max(40),
  rock: z.strictObject({
    rockRad: orDefault(figure(range(0, 0.2, 'rad either way')), 0.035),
    axisUpM: figure(range(-0.9, 0, 'm above the pad')),
  }),
  wantedM: orDefault(figure(range(0, 0.05, 'm')), 0.01),
})

export const BonnetClearanceOutput = z.strictObject({
  corners: z.array(
    z.strictObject({
      id: z.string(),
      clayId: z.string().nullable(),
      fromClayM: z.number().nullable(),
      atRestM: z.number().nullable(),
      gapM: z.number().nullable(),
      spreadM: z.number().nullable(),
      atRad: z.number(),
      upM: z.number(),
      sidewaysM: z.number(),
    }),
  ),
  tallerByM: z.number().nullable(),
})

export const AirCleanerInput = z.strictObject({
  displacementM3: figure(range(1e-4, 0.03, 'm³')),
  speedHz: figure(range(5, 250, 'turns/s')),
  volumetricEfficiency: orDefault(figure(range(0.3, 1.4, '')), 0.85),
  boostRatio: orDefault(figure(range(1, 4, '')), 1),
  diameterM: figure(range(0.04, 0.6, 'm')),
  heightM: figure(range(0.01, 0.3, 'm')),
  openShare: orDefault(figure(range(0.1, 1, '')), 1),
  lidM2: orDefault(figure(range(0, 0.3, 'm²')), 0),
  mostFaceMS: orDefault(figure(range(0.5, 10, 'm/s')), 3),
  measured: orDefault(
    z
      .strictObject({
        dropPa: figure(range(1, 2e4, 'Pa')),
        flowM3S: figure(range(1e-3, 2, 'm³/s')),
        heightM: figure(range(0.01, 0.3, 'm')),
      })
      .nullable(),
    null,
  ),
  mostDropPa: orDefault(figure(range(100, 5000, 'Pa')), 1500),
})

export const AirCleanerOutput = z.strictObject({
  airM3S: z.number(),
  faceMS: z.number(),
  leastHeightM: z.number(),
  leastDiameterM: z.number(),
  dropPa: z.number().nullable(),
  leastHeightByDropM: z.number().nullable(),
})

export const BoltInput = z.strictObject({
  thread: z.strictObject({
    form: oneOf(['iso', 'unified']),
    majorM: figure(range(0.003, 0.03, 'm')),
    pitchM: figure(range(3e-4, 0.004, 'm')),
  }),
  boltClass: oneOf(['5.8', '8.8', '10.9', 'grade 2', 'grade 5', 'grade 8', 'A2-70']),
  clampedM: figure(range(0, 0.3, 'm')),
  tapped: oneOf(['aluminium', 'iron', 'steel']),
  threadDepthM: figure(range(0.001, 0.2, 'm')),
  holeDepthM: orDefault(figure(range(0.001, 0.2, 'm')).nullable(), null),
  opensInto: orDefault(oneOf(['nothing', 'air', 'coolant', 'oil', 'port']), 'nothing'),
  state: orDefault(oneOf(['dry', 'oiled', 'thread sealant', 'anti-seize']), 'dry'),
  torqueCoefficient: orDefault(figure(range(0.05, 0.5, '')).nullable(), null),
  preloadShare: orDefault(figure(range(0.1, 0.9, '')), 0.75),
  lengthM: orDefault(figure(range(0.004, 0.4, 'm')).nullable(), null),
})

const Fit = z.strictObject({
  lengthM: z.number(),
  engagementM: z.number(),
  engagementD: z.number(),
  tipGapM: z.number().nullable(),
  bottoms: z.boolean(),
  short: z.boolean(),
})
const BOLT_PARTS = ['bolt', 'bolt thread', 'tapped thread'] as const

export const BoltOutput = z.strictObject({
  leastEngagementM: z.number(),
  usefulEngagementM: z.number(),
  fit: Fit.nullable(),
  lengths: z.array(Fit),
  longestM: z.number().nullable(),
  stressAreaM2: z.number(),
  bearsN: z.strictObject({ bolt: z.number(), 'bolt thread': z.number(), 'tapped thread': z.number() }).nullable(),
  weakest: z.enum(BOLT_PARTS).nullable(),
  preloadN: z.number().nullable(),
  torqueNm: z.number().nullable(),
  passesNm: z.tuple([z.number(), z.number(), z.number()]).nullable(),
  sealant: z.string().nullable(),
})

export const TighteningOrderInput = z.strictObject({
  pattern: z.discriminatedUnion(
    'kind',
    [
      z.strictObject({
        kind: z.literal('places'),
        places: z
          .array(z.strictObject({ xM: placeM, yM: placeM }))
          .min(1)
          .max(60),
      }),
      z.strictObject({
        kind: z.literal('rows'),
        rows: z
          .array(
            z.strictObject({
              count: wholeFigure(range(1, 20, '')),
              pitchM: figure(range(0.005, 0.5, 'm')),
              belowM: orDefault(figure(range(0, 0.5, 'm')), 0),
            }),
          )
          .min(1)
          .max(10),
      }),
      z.strictObject({
        kind: z.literal('circle'),
        count: wholeFigure(range(1, 40, '')),
        diameterM: figure(range(0.01, 1, 'm')),
        firstAtTop: orDefault(z.boolean({ error: 'allowed: true, false' }), true),
      }),
    ],
    { error: 'allowed: kind "places", "rows" or "circle"' },
  ),
  torqueNm: figure(range(0.5, 300, 'N m')),
})

export const TighteningOrderOutput = z.strictObject({
  centre: z.strictObject({ xM: z.number(), yM: z.number() }),
  /** Bolts first to last: place in the pattern, where it stands, and its ring. */
  order: z.array(z.strictObject({ place: z.int(), xM: z.number(), yM: z.number(), ring: z.int() })),
  passesNm: z.tuple([z.number(), z.number(), z.number()]),
})

const direction = z.tuple([figure(range(-1, 1, '')), figure(range(-1, 1, '')), figure(range(-1, 1, ''))])
const point = z.tuple([placeM, placeM, placeM])
const armM = figure(range(0.005, 0.5, 'm'))
const radius = figure(range(0.004, 0.1, 'm'))
const turn = figure(range(-6.2832, 6.2832, 'rad'))
const sense = orDefault(z.union([z.literal(1), z.literal(-1)], { error: 'allowed: 1, -1' }), 1)
const Lever = z.strictObject({ at: point, shaft: direction, armM, restRad: turn })

export const ThrottleLinkageInput = z.strictObject({
  padArmM: figure(range(0.05, 0.5, 'm')),
  pedalRad: figure(range(0.05, 2, 'rad')),
  slackM: orDefault(figure(range(0, 0.05, 'm')), 0),
  plateRad: figure(range(0.5, 1.6, 'rad')),
  links: z
    .array(
      z.discriminatedUnion(
        'kind',
        [
          z.strictObject({
            kind: z.literal('rod'),
            driver: Lever,
            driven: Lever,
            /** Missing: made to fit both levers at rest. */
            rodM: orDefault(figure(range(0.005, 2, 'm')).nullable(), null),
            drives: sense,
            opens: sense,
          }),
          z.strictObject({
            kind: z.literal('cable'),
            driver: Lever,
            sheath: point,
            closedRadiusM: radius,
            openRadiusM: radius,
            camRad: figure(range(0.5, 3.2, 'rad')),
            drives: sense,
          }),
        ],
        { error: 'allowed: kind "rod" or "cable"' },
      ),
    )
    .min(1)
    .max(4),
})

export const ThrottleLinkageOutput = z.strictObject({
  points: z.array(z.strictObject({ padM: z.number(), pedalRad: z.number(), plateRad: z.number() })),
  share: z.number(),
  fullAtM: z.number().nullable(),
  leftAtPadM: z.number().nullable(),
  binds: z.strictObject({ link: z.int(), padM: z.number() }).nullable(),
  atHalf: z.number(),
  remedies: z.array(
    z.strictObject({
      change: z.enum(['driven arm', 'driver arm', 'driven ball', 'driver ball', 'rod length']),
      link: z.int(),
      from: z.number(),
      to: z.number(),
      rodM: z.number(),
      share: z.number(),
    }),
  ),
})

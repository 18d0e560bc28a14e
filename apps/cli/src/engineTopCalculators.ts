import {
  AirCleanerInput,
  AirCleanerOutput,
  BoltInput,
  BoltOutput,
  BonnetClearanceInput,
  BonnetClearanceOutput,
  ThrottleLinkageInput,
  ThrottleLinkageOutput,
  TighteningOrderInput,
  TighteningOrderOutput,
} from '@lochmoor/contract'
import {
  airCleaner,
  bolt,
  boltPlaces,
  bonnetClearance,
  checkBolt,
  err,
  ok,
  rodAtRestM,
  setByRod,
  throttle,
  throttleRemedies,
  tighteningOrder,
  type InputError,
  type ThrottleLink,
} from '@lochmoor/core'
import type { z } from 'zod'
import { calculator, type Calculator } from './calculator.ts'

const finite = (n: number): number | null => (Number.isFinite(n) ? n : null)

const SHAFT = 'a direction other than 0, 0, 0'
const ROD = 'a length with which it reaches both levers at rest'
type LinkInput = z.output<typeof ThrottleLinkageInput>['links'][number]

/** A link as entered, or why it is none. */
const linkOf = (link: LinkInput, i: number): ThrottleLink | InputError => {
  const levers = link.kind === 'rod' ? (['driver', 'driven'] as const) : (['driver'] as const)
  for (const lever of levers) {
    const { shaft } = lever === 'driver' || link.kind !== 'rod' ? link.driver : link.driven
    if (Math.hypot(...shaft) < 1e-6)
      return { code: 'noDirection', field: `links.${i}.${lever}.shaft`, value: shaft.join(', '), allowed: SHAFT }
  }
  if (link.kind === 'cable') {
    const { drives, ...cable } = link
    return { ...cable, sense: { drives } }
  }
  const { drives, opens, rodM, ...rod } = link
  const set = setByRod({ ...rod, rodM: rodM ?? rodAtRestM(rod) })
  if (set === null) return { code: 'cannotClose', field: `links.${i}.rodM`, value: rodM, allowed: ROD }
  return { ...set, sense: { drives, opens } }
}

const isError = (x: ThrottleLink | InputError): x is InputError => 'code' in x

/** What sits on the engine. */
export const ENGINE_TOP_CALCULATORS: readonly Calculator[] = [
  calculator(
    'bonnet-clearance',
    'gap between a new stack and the bonnet at every corner, from clay lumps on the old one, with the engine rocking',
    BonnetClearanceInput,
    BonnetClearanceOutput,
    (c) => {
      const { corners, tallerByM } = bonnetClearance(c)
      return ok({ corners: corners.map((x) => ({ ...x, fromClayM: finite(x.fromClayM) })), tallerByM })
    },
  ),
  calculator(
    'air-cleaner-flow',
    'air of the engine against the face of its element, the lowest and the smallest that still flows',
    AirCleanerInput,
    AirCleanerOutput,
    (c) => ok(airCleaner(c)),
  ),
  calculator(
    'bolt',
    'engagement, bottoming, the length to buy, strength of bolt and thread, and torque of one fastener',
    BoltInput,
    BoltOutput,
    (c) => {
      const fault = checkBolt(c)
      if (fault) return err([{ code: 'refused', ...fault }])
      const a = bolt(c)
      return ok({ ...a, lengths: [...a.lengths], passesNm: a.passesNm && [...a.passesNm] })
    },
    [
      { field: 'thread.pitchM', allowed: 'below half of the diameter' },
      { field: 'threadDepthM', allowed: 'at most the depth of the hole' },
    ],
  ),
  calculator(
    'tightening-order',
    'order of a bolt pattern from its centroid outwards, crosswise, and the torque of three passes',
    TighteningOrderInput,
    TighteningOrderOutput,
    ({ pattern, torqueNm }) => {
      const places = boltPlaces(pattern)
      const { centre, order, ringOf } = tighteningOrder(places)
      return ok({
        centre,
        order: order.map((place) => ({ place, ...places[place]!, ring: ringOf[place]! })),
        passesNm: [torqueNm / 3, (2 / 3) * torqueNm, torqueNm],
      })
    },
  ),
  calculator(
    'throttle-linkage',
    'plate against pedal through rods and cables, where it binds, and what would make it open all the way',
    ThrottleLinkageInput,
    ThrottleLinkageOutput,
    ({ links, ...c }) => {
      const made = links.map(linkOf)
      const errors = made.filter(isError)
      if (errors.length > 0) return err(errors)
      const whole = { ...c, links: made as ThrottleLink[] }
      const a = throttle(whole)
      return ok({
        ...a,
        points: [...a.points],
        remedies: throttleRemedies(whole).map(({ answer, change, from, link, rodM, to }) => ({
          change,
          link,
          from,
          to,
          rodM,
          share: answer.share,
        })),
      })
    },
    [
      { field: 'links.*.driver.shaft', allowed: SHAFT },
      { field: 'links.*.driven.shaft', allowed: SHAFT },
      { field: 'links.*.rodM', allowed: ROD },
    ],
  ),
]

import type { HarnessAssessment, RouteCase, RoutePlan } from '@lochmoor/core'
import type { Looms, Offer } from '../background/loomWork.ts'

/** The loom that the screen shows: the accepted one, or one that is offered. */
export interface ShownLoom {
  readonly accepted: boolean
  readonly placeId: string
  readonly placeName: string
  readonly route: RoutePlan
  readonly input: RouteCase
  readonly offer: Offer | null
}

/** @param place that was asked for; null: the accepted loom, else the best that is offered */
export const shownLoom = ({ c }: HarnessAssessment, looms: Looms | null, place: string | null): ShownLoom | null => {
  const { accepted, harness } = c
  if (place === null && accepted !== null && harness.loom !== null)
    return {
      accepted: true,
      placeId: harness.loom.place,
      placeName: accepted.placeName,
      route: accepted.route,
      input: accepted.input,
      offer: null,
    }
  const offer = looms?.offers.find((o) => o.proposal.place.id === place) ?? looms?.offers[0] ?? null
  if (!offer) return null
  const { proposal } = offer
  return {
    accepted: false,
    placeId: proposal.place.id,
    placeName: proposal.place.name,
    route: proposal.route,
    input: proposal.input,
    offer,
  }
}

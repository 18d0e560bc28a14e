import type { CarPlan } from '@lochmoor/core'

/** A point of the drawing, px. */
export interface Spot {
  readonly x: number
  readonly y: number
}

export interface PlanScale {
  readonly pxPerM: number
  readonly width: number
  readonly height: number
  readonly at: (place: { readonly fromFrontM: number | null; readonly fromMiddleM: number | null }) => Spot | null
  /** From a point of the drawing back to the car, to the centimetre. */
  readonly back: (spot: Spot) => { readonly fromFrontM: number; readonly fromMiddleM: number }
  readonly car: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
}

const MARGIN_M = 0.25

/** The plan from above at one scale, front to the left: the car's left side lies below. */
export const planScale = (plan: CarPlan, width: number): PlanScale => {
  const xs = plan.places.flatMap((p) => p.fromFrontM ?? [])
  const ys = plan.places.flatMap((p) => p.fromMiddleM ?? [])
  const lengthM = Math.max(plan.template?.lengthM ?? 4, ...xs)
  const widthM = Math.max(plan.template?.widthM ?? 1.6, 2 * Math.max(0, ...ys.map(Math.abs)) + 0.1)
  const fromM = Math.min(0, ...xs)
  const pxPerM = width / (lengthM - fromM + 2 * MARGIN_M)
  const height = Math.ceil((widthM + 2 * MARGIN_M) * pxPerM)
  const middle = height / 2
  const px = (m: number): number => (m - fromM + MARGIN_M) * pxPerM
  const cm = (m: number): number => Math.round(m * 100) / 100
  return {
    pxPerM,
    width,
    height,
    at: ({ fromFrontM, fromMiddleM }) =>
      fromFrontM === null || fromMiddleM === null ? null : { x: px(fromFrontM), y: middle + fromMiddleM * pxPerM },
    back: ({ x, y }) => ({
      fromFrontM: cm(x / pxPerM - MARGIN_M + fromM),
      fromMiddleM: cm((y - middle) / pxPerM),
    }),
    car: {
      x: px(0),
      y: middle - ((plan.template?.widthM ?? 1.6) / 2) * pxPerM,
      width: (plan.template?.lengthM ?? 4) * pxPerM,
      height: (plan.template?.widthM ?? 1.6) * pxPerM,
    },
  }
}

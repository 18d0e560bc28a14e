import { ballAt, sweepRod } from '../../engine-top/index.ts'
import type { ThrottleOfJob } from './throttleOfJob.ts'

/** A point of the linkage, m: right, ahead, up of the throttle body. */
type Point = readonly [rightM: number, aheadM: number, upM: number]

/** Levers and rod of one link as they stand. */
export interface LinkPose {
  readonly name: string
  readonly driver: readonly [shaft: Point, ball: Point]
  readonly driven: readonly [shaft: Point, ball: Point] | null
  /** End of the sheath of a cable. */
  readonly sheath: Point | null
}

/** How the linkage stands with the pedal a share of the way down; null while it is not measured. */
export const linkagePose = ({ entry, solved }: ThrottleOfJob, pedalShare: number): LinkPose[] | null => {
  if (solved === null) return null
  let turnRad = Math.max(0, pedalShare * solved.pedalRad - solved.slackM / solved.padArmM)
  const poses: LinkPose[] = []
  for (const [i, link] of solved.links.entries()) {
    const name = entry.links[i]!.name
    const ball = ballAt(link.driver, link.driver.restRad + link.sense.drives * turnRad)
    if (link.kind === 'cable') {
      poses.push({ name, driver: [link.driver.at, ball], driven: null, sheath: link.sheath })
      return poses
    }
    const { bindsAtRad, points } = sweepRod(link, link.sense.drives * turnRad, link.sense.opens)
    if (bindsAtRad !== null) return poses
    const { drivenRad } = points.at(-1)!
    const turned = ballAt(link.driven, link.driven.restRad + link.sense.opens * drivenRad)
    poses.push({ name, driver: [link.driver.at, ball], driven: [link.driven.at, turned], sheath: null })
    turnRad = drivenRad
  }
  return poses
}

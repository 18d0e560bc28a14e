import type { LineDesign } from '../../sections/index.ts'
import type { HosePart } from '../../parts/index.ts'

/** A line in another hose: what was measured on the old one, and ends and hoses of legs that went with it, go too. */
export const withHose = (line: LineDesign, hose: HosePart): LineDesign =>
  line.hose?.id === hose.id ? line : { ...inOneHose(line), hose }

/** A line whose legs are all of the line's own hose, with ends not chosen yet. */
export const inOneHose = (line: LineDesign): LineDesign => ({
  ...line,
  measuredBoreM: null,
  legs: line.legs.map((leg) => ({ ...leg, hose: null, start: null, end: null })),
})

import type { JobDocument } from '../job/index.ts'

/** The terminal whose cable goes to the body, with what it is on this car. */
export const earthedTerminal = ({ walkAround: { battery } }: JobDocument): string =>
  `earthed terminal (${battery.earth ?? 'which one is not entered'})`

/** Before a spanner comes near the other terminal: with the earthed one off it can touch the body and nothing happens. */
export const earthedOff = (job: JobDocument): string =>
  `The ${earthedTerminal(job)} comes off first and goes back on last.`

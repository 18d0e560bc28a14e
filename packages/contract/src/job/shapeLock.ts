import type { SectionName } from '@lochmoor/core/job-shape'

/** What each released version of the document lets in, by section: the first half of SHA-256 of its JSON Schema. */
export const SHAPE_LOCK: Readonly<Record<number, Readonly<Record<SectionName, string>>>> = {
  5: {
    vehicle: '6ffadd2d503c3795',
    walkAround: '18a13d3405b920be',
    system: 'e85a59042b236f2f',
    fuel: '80895b4cebd2772f',
    exhaust: '3184e12dbed7459b',
    work: '004718fe55f2abe0',
  },
}

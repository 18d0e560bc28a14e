import type { HarnessCase } from '@lochmoor/core'
import type { FoundLooms } from '../background/useLooms.ts'

/** What stands where there is no loom to show. */
export const NoLoom = ({ c, found }: { c: HarnessCase; found: FoundLooms }) => (
  <p role="status" className="max-w-prose py-2 leading-snug">
    {c.plan.template === null
      ? 'Choose the plan of the car on tab “Car”: the loom is worked out along its corridors.'
      : !c.systemChosen
        ? 'Choose the system first: what the loom joins follows from it.'
        : found.failed !== null
          ? `The calculation failed: ${found.failed}`
          : c.plan.candidates.length === 0
            ? 'Enter a place for the ECU on tab “ECU place”.'
            : found.running || found.looms === null
              ? 'Looking for the loom …'
              : 'No loom can be worked out: look at the assessment of tab “Car”.'}
  </p>
)

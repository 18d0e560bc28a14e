import {
  emptyFound,
  isAccepted,
  RUN_WORDS,
  type ExhaustCase,
  type JobDocument,
  type Run,
  type RunId,
} from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { PathText } from '../../../fields/PathText.tsx'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { run as doRun, setAt, setExhaust } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'

/** A bung that was there already: where it sits, and whether it is used as it is, on record. */
export const FoundBungFields = ({ job, run, runs, c }: { job: JobDocument; run: RunId; runs: readonly Run[]; c: ExhaustCase }) => {
  const { found } = job.exhaust
  return (
    <fieldset className="mb-4">
      <legend className="mb-1 w-full border-b-2 border-ink pb-0.5 font-extrabold">Bung as found</legend>
      <YesNoField
        label="A bung is there already"
        value={found !== null}
        how="From an earlier conversion or a gauge. It is checked like any other position."
        onChange={(there) => doRun(setExhaust({ found: there === true ? { ...emptyFound, run } : null }, 'bung as found', false))}
      />
      {found && (
        <>
          {runs.length > 1 && (
            <ChoiceField
              label="It sits on"
              value={found.run}
              options={runs.map((r) => [r.id, RUN_WORDS[r.id]] as const)}
              onChange={(v: RunId) => doRun(setAt('exhaust.found.run', v, 'bung as found: run'))}
            />
          )}
          <PathField job={job} path="exhaust.found.alongM" label="Middle, along the pipe" of="Bung as found" />
          <PathField job={job} path="exhaust.found.clockDeg" label="Clock position" of="Bung as found" />
          <PathChoice job={job} path="exhaust.found.thread" label="Thread" none="not tried" />
          <PathChoice job={job} path="exhaust.found.accepted" label="Used as it is" />
          {found.accepted && (
            <PathText
              job={job}
              path="exhaust.found.reason"
              label="Because"
              lines={2}
              onLeave={(reason) => {
                if (reason.trim() === '' || !isAccepted(c)) return
                enterRecord(
                  { kind: 'deviation', text: 'Sensor in the bung as found', reason: reason.trim(), risk: 'It may read wrong or die early: see the assessment of the position.' },
                  { of: 'exhaust.found' },
                )
              }}
            />
          )}
        </>
      )}
    </fieldset>
  )
} // prettier-ignore

import { designOf, partsOfFuel, WORK_STATE_WORDS, type JobDocument, type PartLine } from '@lochmoor/core'
import { useMemo } from 'react'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setFuel, setWork } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { PartsTable } from '../../bench/PartsTable.tsx'
import { FuelCautions } from '../FuelCautions.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'

/** What to order, the papers for bench and dealer, and what must be there before fuel flows. */
export const OrderSheet = (props: SheetProps) => {
  const { job } = props
  const lines = useMemo(() => partsOfFuel(designOf(job)), [job])
  return (
    <Columns
      names={['Safety', 'Parts', 'Judgement']}
      measured={
        <>
          <FuelCautions where={['pump', 'fuel-opened']} />
          <SafetyInputs job={job} />
        </>
      }
      picture={
        <>
          <PaperLinks
            papers={[
              { file: 'fuel/sheet.pdf?paper=a4', words: 'Working sheet, A4' },
              { file: 'fuel/sheet.pdf?paper=letter', words: 'Working sheet, Letter' },
              { file: 'fuel/parts.csv', words: 'Parts as CSV' },
            ]}
          />
          <PartsTable
            lines={lines}
            nothing="Nothing to order yet: choose pump, regulator, lines and injectors first."
          />
          <Ordering job={job} lines={lines} state={props.assessment.state} />
        </>
      }
      judgement={
        <SheetJudgement sheet="order">
          <Standing {...props} />
          <BuiltSwitch station="fuel" />
        </SheetJudgement>
      }
    />
  )
}

const SafetyInputs = ({ job }: { job: JobDocument }) => {
  const { safety } = job.fuel
  const field = (name: keyof typeof safety, label: string, how: string) => (
    <YesNoField
      label={label}
      value={safety[name]}
      how={how}
      onChange={(v) => run(setFuel({ safety: { ...safety, [name]: v } }, label.toLowerCase(), false))}
    />
  )
  return (
    <Group title="The pump stops when it must">
      {field(
        'stopsWithEngine',
        'With the engine',
        'The controller drives the relay and drops it when the crank stops. Try it: pull the crank sensor’s plug with the engine idling.',
      )}
      {field(
        'inertiaSwitch',
        'After a crash',
        'An inertia or roll-over switch in the feed of the relay’s coil, reset by hand. Try it with a knock before it is mounted.',
      )}
      {field('fused', 'When a wire chafes', 'A fuse at the battery end of the feed, for the wire, not for the pump.')}
    </Group>
  )
}

interface OrderingProps {
  readonly job: JobDocument
  readonly lines: readonly PartLine[]
  readonly state: SheetProps['assessment']['state']
}

/** Marks the job as ordered, and writes down with what judgement it was. */
const Ordering = ({ job, lines, state }: OrderingProps) => {
  const mayWrite = useMayWrite()
  if (lines.length === 0) return null
  if (job.work.state !== 'asked' && job.work.state !== 'surveyed' && job.work.state !== 'designed')
    return <p className="mt-3 font-semibold">This job stands at “{WORK_STATE_WORDS[job.work.state].toLowerCase()}”.</p>
  const open = state === 'stop' || state === 'unknown'
  const order = () => {
    if (!run(setWork({ state: 'parts-ordered' }, 'parts ordered'))) return
    const reason = open ? 'Ordered although the judgement is not clear.' : 'The judgement stands.'
    enterRecord({ kind: 'decision', text: `Fuel parts ordered, ${lines.length} lines`, reason }, { of: 'work.state' })
  }
  return (
    <div className="mt-3">
      {open && (
        <p className="mb-1.5 font-semibold text-stop">
          The judgement does not stand yet: what is ordered now may be the wrong part.
        </p>
      )}
      <Button kind="main" disabled={!mayWrite} onClick={order}>
        Mark these parts as ordered
      </Button>
    </div>
  )
}

/** What of the whole station still stands against the order. */
const Standing = ({ assessment, showPoint }: SheetProps) => {
  const against = assessment.verdicts.filter((v) => v.state !== 'ok' && v.id !== 'safety')
  return (
    <section aria-label="Before you order" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Before you order</h2>
      {against.length === 0 ? (
        <p className="py-1 leading-snug">Everything that is judged stands.</p>
      ) : (
        <ul className="py-1 leading-snug">
          {against.map((v) => (
            <li key={v.id} className="border-b border-hair/70 py-1">
              {v.title}{' '}
              {v.pointId && (
                <button type="button" className="text-accent underline" onClick={() => showPoint(v.pointId ?? 'idle')}>
                  show
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      {assessment.assumptions.length > 0 && (
        <p className="py-1 leading-snug text-soft">
          {assessment.assumptions.length} figures are still assumed: the sheet of the pressure lists them.
        </p>
      )}
    </section>
  )
}

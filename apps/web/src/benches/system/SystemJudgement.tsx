import { SYSTEM_SCHOOLS, type JobDocument, type SystemAssessment } from '@lochmoor/core'
import { FigureText } from '../../fields/FigureText.tsx'
import { TextEntry } from '../../fields/TextEntry.tsx'
import { Button } from '../../shell/Button.tsx'
import { run, setSystem } from '../../store/commands.ts'
import { useMayWrite } from '../../store/sessionStore.ts'
import { PaperLinks } from '../bench/PaperLinks.tsx'
import { VerdictCard } from '../bench/judgement/VerdictCard.tsx'
import { BuiltSwitch } from '../bench/BuiltSwitch.tsx'

/** What was chosen and why, what it sets further down, which controllers take it, what the box leaves out, the schools. */
export const SystemJudgement = ({ job, assessment }: { job: JobDocument; assessment: SystemAssessment }) => (
  <>
    <Chosen job={job} assessment={assessment} />
    <Checks assessment={assessment} />
    <Stages assessment={assessment} />
    <Downstream assessment={assessment} />
    <Controllers assessment={assessment} />
    <LeftOut assessment={assessment} />
    <Schools />
    <BuiltSwitch station="system" />
    <div className="mt-3">
      <PaperLinks
        papers={[
          { file: 'system/sheet.pdf?paper=a4', words: 'System sheet, A4' },
          { file: 'system/sheet.pdf?paper=letter', words: 'The same, Letter' },
        ]}
      />
    </div>
  </>
)

const Heading = ({ children }: { children: string }) => (
  <h2 className="mt-4 border-b-2 border-ink pb-0.5 font-extrabold first:mt-0">{children}</h2>
)

const Chosen = ({ job, assessment: { chosen } }: { job: JobDocument; assessment: SystemAssessment }) => {
  const mayWrite = useMayWrite()
  return (
    <>
      <Heading>The choice</Heading>
      {chosen ? (
        <>
          <p className="mt-1 font-semibold">{chosen.title}</p>
          {chosen.objections.map((o) => (
            <p key={o} className="font-semibold text-stop">
              {o}
            </p>
          ))}
          <fieldset disabled={!mayWrite}>
            <TextEntry
              label="Why"
              lines={3}
              most={2000}
              value={job.system.reason}
              onChange={(reason) => run(setSystem({ reason }, 'reason of the choice'))}
            />
          </fieldset>
          <div className="flex">
            <Button
              disabled={!mayWrite}
              onClick={() => run(setSystem({ chosen: null, controller: null }, 'no choice of system', false))}
            >
              Open the choice again
            </Button>
          </div>
        </>
      ) : (
        <p className="mt-1">Nothing chosen yet: enter your requirements, compare, and press “Choose this”.</p>
      )}
    </>
  )
}

/** What is judged of the choice as it is built: switches, revision, tuning, stages. */
const Checks = ({ assessment: { verdicts } }: { assessment: SystemAssessment }) =>
  verdicts.length === 0 ? null : (
    <>
      <Heading>Assessment</Heading>
      <ol>
        {verdicts.map((v) => (
          <VerdictCard key={v.id} verdict={v} />
        ))}
      </ol>
    </>
  )

const Stages = ({ assessment: { stages } }: { assessment: SystemAssessment }) =>
  stages.length === 0 ? null : (
    <>
      <Heading>Stages</Heading>
      <ol aria-label="Stages">
        {stages.map((s) => (
          <li key={s.title} className="border-b border-hair/70 py-1 leading-snug">
            <span className="font-semibold">{s.title}</span>
            <span className="block text-soft">
              {s.without.length > 0 ? `without ${s.without.join('; ')}` : 'everything that was chosen'}
            </span>
          </li>
        ))}
      </ol>
    </>
  )

const Downstream = ({ assessment: { downstream } }: { assessment: SystemAssessment }) =>
  downstream.length === 0 ? null : (
    <>
      <Heading>Sets defaults for later stations</Heading>
      <dl>
        {downstream.map((d) => (
          <div key={d.label} className="flex justify-between gap-3 border-b border-hair/70 py-1">
            <dt className="leading-tight">
              {d.label}
              <span className="block text-sm text-soft">
                {d.isDefault ? 'default until decided' : 'decided at its station'}
              </span>
            </dt>
            <dd className={`text-right whitespace-nowrap ${d.isDefault ? 'text-soft italic' : 'font-bold'}`}>
              {d.figure ? <FigureText figure={d.figure} /> : d.text}
            </dd>
          </div>
        ))}
      </dl>
    </>
  )

const Controllers = ({ assessment: { chosen } }: { assessment: SystemAssessment }) =>
  chosen === null ? null : (
    <>
      <Heading>ECUs in the catalogue</Heading>
      <ul>
        {chosen.lacks.map(({ controller, lacks }) => (
          <li key={controller.id} className="border-b border-hair/70 py-1">
            <span className={lacks.length === 0 ? 'font-bold text-ok' : ''}>
              {controller.name}
              {lacks.length === 0 ? ': takes everything' : ''}
            </span>
            {lacks.length > 0 && <span className="block text-sm text-soft">lacks {lacks.join(', ')}</span>}
          </li>
        ))}
      </ul>
    </>
  )

const LeftOut = ({ assessment: { leftOut } }: { assessment: SystemAssessment }) =>
  leftOut.length === 0 ? null : (
    <>
      <Heading>What the box will not contain</Heading>
      <ul>
        {leftOut.map((l) => (
          <li key={l.id} className="border-b border-hair/70 py-1 leading-snug">
            <span className="font-semibold">{l.what}</span>
            <span className="block text-sm text-soft">{l.why}</span>
          </li>
        ))}
      </ul>
    </>
  )

const Schools = () => (
  <>
    <Heading>Where practice differs</Heading>
    {SYSTEM_SCHOOLS.map((q) => (
      <details key={q.id} className="border-b border-hair/70 py-1">
        <summary className="font-semibold">{q.question}</summary>
        <dl className="pl-3">
          {q.schools.map((s) => (
            <div key={s.name} className="py-0.5 leading-snug">
              <dt className="font-semibold">{s.name}</dt>
              <dd className="text-soft">{s.says}</dd>
            </div>
          ))}
        </dl>
      </details>
    ))}
  </>
)

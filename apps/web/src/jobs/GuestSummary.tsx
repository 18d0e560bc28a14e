import {
  acceptanceOf,
  headOf,
  PHASE_WORDS,
  phasesOf,
  repairsFirst,
  STAGE_WORDS,
  WORK_STATE_WORDS,
  type Readiness,
} from '@lochmoor/core'
import { useEffect, useMemo } from 'react'
import { Link } from 'react-router'
import { SentenceText } from '../fields/FigureText.tsx'
import { StateMark } from '../marks/StateMark.tsx'
import { ownDataIsThere } from '../shell/arrived.ts'
import { useCatalogue } from '../store/catalogueStore.ts'
import { useJobStore } from '../store/jobStore.ts'
import { useReadiness } from './useReadiness.ts'

const HEADING = 'mt-5 border-b-2 border-ink pb-0.5 text-lg font-extrabold'

/** What a guest reads of a job: how far it is, what stands first, what will be tried at hand-over. */
export const GuestSummary = () => {
  const job = useJobStore((s) => s.document!)
  const jobId = useJobStore((s) => s.jobId)!
  const catalogue = useCatalogue((s) => s.catalogue)!
  const readiness = useReadiness(jobId, job, catalogue)
  const repairs = useMemo(() => repairsFirst(job), [job])
  const tests = useMemo(() => acceptanceOf(job), [job])
  const { work, system } = job
  useEffect(ownDataIsThere, [])
  return (
    <div className="min-h-0 flex-1 lg:overflow-y-auto">
      <article aria-label="Summary" className="mx-auto w-full max-w-3xl p-4 text-[1.05rem] leading-relaxed lg:p-6">
        <p className="text-2xl leading-tight font-extrabold">{WORK_STATE_WORDS[work.state]}</p>
        {work.heldBy !== '' && <p className="font-semibold text-caution">On hold: {work.heldBy}.</p>}
        {repairs.length > 0 && (
          <>
            <h2 className={HEADING}>To be repaired first</h2>
            <ul className="list-disc pl-6">
              {repairs.map((r) => (
                <li key={r.testId}>
                  {r.step} <span className="text-soft">({r.title.toLowerCase()})</span>
                </li>
              ))}
            </ul>
          </>
        )}
        <h2 className={HEADING}>How far it is</h2>
        {readiness === 'failed' ? (
          <p className="text-soft">How far the stations are could not be worked out.</p>
        ) : readiness === null ? (
          <p className="text-soft">Working out how far the stations are…</p>
        ) : (
          <Stations readiness={readiness} />
        )}
        {system.reason !== '' && (
          <>
            <h2 className={HEADING}>What is built, and why</h2>
            <p>{system.reason}</p>
          </>
        )}
        {tests.length > 0 && (
          <>
            <h2 className={HEADING}>Tried with you at hand-over</h2>
            <ol className="list-decimal pl-6">
              {tests.map((t, i) => (
                <li key={i}>
                  <SentenceText sentence={t.tries} />
                  {t.passed && <span className="ml-2 font-bold text-ok">passed</span>}
                </li>
              ))}
            </ol>
          </>
        )}
        <p className="mt-5">
          What was seen, decided and photographed stands in the{' '}
          <Link to="../log" className="text-accent underline">
            job log
          </Link>
          .
        </p>
      </article>
    </div>
  )
}

const Stations = ({ readiness }: { readiness: Readiness }) => (
  <dl>
    {phasesOf(readiness.stations).map((p) => (
      <div key={p.phase} className="border-b border-hair py-1">
        <dt className="font-bold">
          {PHASE_WORDS[p.phase]}
          {p.built && <span className="font-normal text-soft">, all built</span>}
        </dt>
        {p.stations.map((s) => (
          <dd key={s.station} className="flex items-baseline gap-2">
            <StateMark state={s.stage === 'not-begun' ? 'unknown' : s.verdict} />
            <span>
              {headOf(s.station).title}: {STAGE_WORDS[s.stage].toLowerCase()}
            </span>
          </dd>
        ))}
      </div>
    ))}
  </dl>
)

import {
  PHASE_WORDS,
  phasesOf,
  repairsFirst,
  STAGE_WORDS,
  STATE_WORDS,
  STATION_HEADS,
  headOf,
  type PhaseReadiness,
  type StationReadiness,
} from '@lochmoor/core'
import { ChevronDown, ChevronRight, Hammer } from 'lucide-react'
import { useMemo, useState, type ReactNode } from 'react'
import { Link } from 'react-router'
import { StateMark } from '../marks/StateMark.tsx'
import { useCatalogue } from '../store/catalogueStore.ts'
import { useJobStore } from '../store/jobStore.ts'
import { useShownJob } from './ShownJob.tsx'
import { lastTabOf, usePlaces } from '../store/places.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { PAPERS } from './papers.ts'
import { RepairLine } from './RepairLine.tsx'
import { useReadiness } from './useReadiness.ts'
import { useAddressInJob } from './addressInJob.ts'
import { useUnfolded } from './useUnfolded.ts'

const BOX = 'flex shrink-0 flex-col items-start justify-center border-b-[3px] px-2 py-1 text-left leading-tight whitespace-nowrap hover:bg-wash' // prettier-ignore

/** The stations by name, until they have been judged for the first time. */
const NOT_YET_JUDGED: readonly StationReadiness[] = STATION_HEADS.map(({ id }) => ({
  station: id,
  stage: 'not-begun',
  verdict: 'unknown',
}))

/**
 * The stations by the phases of the work, each with its state, then the papers of the job. The phase one is at is
 * unfolded; of a folded one the station one is at still shows. On a phone all of it is behind the name of that station.
 */
export const StationsRail = () => {
  const job = useShownJob()
  const catalogue = useCatalogue((s) => s.catalogue)!
  const mayWrite = useMayWrite()
  const [open, setOpen] = useState(false)
  const at = useAddressInJob().split('/')[0] ?? ''
  const jobId = useJobStore((s) => s.jobId)!
  const said = useReadiness(jobId, job, catalogue)
  const readiness = said === 'failed' ? null : said
  const instead = said === 'failed' ? 'Not known' : '…'
  const repairs = useMemo(() => readiness?.repairs ?? repairsFirst(job), [readiness, job])
  const phases = phasesOf(readiness?.stations ?? NOT_YET_JUDGED)
  const close = () => setOpen(false)
  return (
    <>
      <nav aria-label="Stations" className="shrink-0 border-b border-hair lg:px-2 print:hidden">
        <WhereOneIs at={at} phases={phases} instead={readiness ? null : instead} open={open} onOpen={setOpen} />
        <div className={`flex-wrap items-stretch px-1 ${open ? 'flex' : 'hidden sm:flex'}`}>
          {phases.map((p) => (
            <PhaseGroup key={p.phase} of={p} instead={readiness ? null : instead} at={at} onGo={close} />
          ))}
          <span className="flex-1" />
          {PAPERS.filter((p) => mayWrite || p.guests).map((p) => (
            <RailLink key={p.path} to={p.path} active={at === p.path} onGo={close}>
              <span className="font-semibold">{p.title}</span>
            </RailLink>
          ))}
        </div>
      </nav>
      {repairs.length > 0 && <RepairLine repairs={repairs} />}
    </>
  )
}

/** On a phone: phase and station one is at, which opens the rail. */
const WhereOneIs = ({ at, phases, instead, open, onOpen }: { at: string; phases: readonly PhaseReadiness[]; instead: string | null; open: boolean; onOpen: (open: boolean) => void }) => {
  const phase = phases.find((p) => p.stations.some((s) => headOf(s.station).path === at))
  const station = phase?.stations.find((s) => headOf(s.station).path === at)
  const paper = PAPERS.find((p) => p.path === at)
  return (
    <button type="button" aria-expanded={open} onClick={() => onOpen(!open)} className="flex w-full items-center gap-2 px-3 py-1 text-left hover:bg-wash sm:hidden">
      <span className="min-w-0 flex-1">
        {phase && <span className="text-soft">{PHASE_WORDS[phase.phase]} / </span>}
        <span className="font-bold">{station ? headOf(station.station).title : (paper?.title ?? 'Stations')}</span>
      </span>
      {station && (instead === null ? <StageMark {...station} /> : <Instead of={instead} />)}
      <ChevronDown size={18} aria-hidden className={`shrink-0 ${open ? 'rotate-180' : ''}`} />
    </button>
  )
} // prettier-ignore

/** A phase with its worst state; its stations where it is unfolded. */
const PhaseGroup = ({
  of,
  instead,
  at,
  onGo,
}: {
  of: PhaseReadiness
  instead: string | null
  at: string
  onGo: () => void
}) => {
  const { phase, stations } = of
  const isHere = stations.some((s) => headOf(s.station).path === at)
  const [open, setOpen] = useUnfolded(`phase ${phase}`, isHere)
  const jobId = useJobStore((s) => s.jobId)
  // Drawn again with every tab that is remembered.
  usePlaces((s) => (jobId === null ? undefined : s.jobs[jobId]?.tabs))
  const Chevron = open ? ChevronDown : ChevronRight
  return (
    <div role="group" aria-label={PHASE_WORDS[phase]} className="contents">
      <button type="button" aria-expanded={open} onClick={() => setOpen(!open)} className={`${BOX} border-transparent`}>
        <span className="flex items-center gap-1 text-soft">
          {PHASE_WORDS[phase]}
          <Chevron size={15} aria-hidden />
        </span>
        {instead === null ? <WorstMark {...of} /> : <Instead of={instead} />}
      </button>
      {stations
        .filter((s) => open || headOf(s.station).path === at)
        .map((s) => {
          const { path, title } = headOf(s.station)
          return (
            <RailLink key={s.station} to={lastTabOf(jobId, path)} active={at === path} onGo={onGo}>
              <span className="flex items-baseline gap-1.5 font-bold">
                <span className="font-normal text-soft">{s.number}</span>
                {title}
              </span>
              {instead === null ? <StageMark {...s} /> : <Instead of={instead} />}
            </RailLink>
          )
        })}
    </div>
  )
}

const RailLink = ({ to, active, onGo, children }: { to: string; active: boolean; onGo: () => void; children: ReactNode }) => (
  <Link to={to} aria-current={active ? 'page' : undefined} onClick={onGo} className={`${BOX} ${active ? 'border-accent bg-sheet' : 'border-transparent'}`}>
    {children}
  </Link>
) // prettier-ignore

/** Stands where a state comes shortly, or cannot come. */
const Instead = ({ of }: { of: string }) => (
  <span aria-hidden={of === '…'} className="text-sm text-soft">
    {of}
  </span>
)

const WorstMark = ({ worst, built }: PhaseReadiness) => (
  <span className="flex items-center gap-1 text-sm">
    {built ? (
      <>
        <Hammer size={14} aria-hidden className="text-ok" />
        <span className="text-soft">{STAGE_WORDS.built}</span>
      </>
    ) : worst === null ? (
      <span className="text-soft">{STAGE_WORDS['not-begun']}</span>
    ) : (
      <>
        <StateMark state={worst} wordless />
        <span aria-hidden className="text-soft">
          {STATE_WORDS[worst]}
        </span>
      </>
    )}
  </span>
)

const StageMark = ({ stage, verdict }: StationReadiness) => (
  <span className="flex items-center gap-1 text-sm">
    {stage === 'built' ? (
      <Hammer size={14} aria-hidden className="text-ok" />
    ) : stage === 'not-begun' ? null : (
      <StateMark state={verdict} wordless />
    )}
    <span className="text-soft">{STAGE_WORDS[stage]}</span>
  </span>
)

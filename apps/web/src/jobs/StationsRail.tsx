import { STAGE_WORDS, stationOf, type StationReadiness } from '@lochmoor/core'
import { Hammer, Wrench } from 'lucide-react'
import { NavLink } from 'react-router'
import { StateMark } from '../marks/StateMark.tsx'
import { useActiveInSight } from '../shell/useActiveInSight.ts'
import { readinessNow } from '../store/assessments.ts'
import { useCatalogue } from '../store/catalogueStore.ts'
import { useJobStore } from '../store/jobStore.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { PAPERS } from './papers.ts'

/** The stations in the order of the work with their states, then the papers of the job. Repairs stand ahead of all. */
export const StationsRail = () => {
  const job = useJobStore((s) => s.document)!
  const catalogue = useCatalogue((s) => s.catalogue)!
  const mayWrite = useMayWrite()
  const row = useActiveInSight()
  const { repairs, stations } = readinessNow(job, catalogue)
  const link = ({ isActive }: { isActive: boolean }) =>
    `flex shrink-0 flex-col justify-center border-b-[3px] px-2.5 py-1 leading-tight whitespace-nowrap hover:bg-wash ${isActive ? 'border-accent bg-sheet' : 'border-transparent'}`
  return (
    <>
      <nav
        ref={row}
        aria-label="Stations"
        className="relative flex shrink-0 items-stretch overflow-x-auto border-b border-hair px-1 lg:px-2"
      >
        {stations.map((s, i) => (
          <NavLink key={s.station} to={stationOf(s.station).path} className={link}>
            <span className="flex items-baseline gap-1.5 font-bold">
              <span className="font-normal text-soft">{i + 1}</span>
              {stationOf(s.station).title}
            </span>
            <StageMark {...s} />
          </NavLink>
        ))}
        <span className="flex-1" />
        {PAPERS.filter((p) => mayWrite || p.guests).map((p) => (
          <NavLink key={p.path} to={p.path} className={link}>
            <span className="font-semibold">{p.title}</span>
          </NavLink>
        ))}
      </nav>
      {repairs.length > 0 && (
        <p
          role="note"
          aria-label="Repair first"
          className="flex shrink-0 items-start gap-2 border-b border-hair px-3 py-1 font-semibold text-stop lg:px-4"
        >
          <Wrench size={17} aria-hidden className="mt-0.5 shrink-0" />
          <span>Repair first: {repairs.map((r) => r.step).join(' · ')}</span>
        </p>
      )}
    </>
  )
}

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

import { STATE_WORDS, SYSTEM_STATION, type SystemAssessment } from '@lochmoor/core'
import { run, setSystem } from '../../store/commands.ts'
import { Columns } from '../bench/Columns.tsx'
import { makeBench, type SheetOf } from '../bench/StationBench.tsx'
import { Comparison } from './Comparison.tsx'
import { SystemJudgement } from './SystemJudgement.tsx'
import { Wishes } from './Wishes.tsx'

const WORD = { open: STATE_WORDS.unknown, chosen: STATE_WORDS.ok, doubtful: STATE_WORDS.caution } as const

const headlineOf = ({ candidates, choice, chosen }: SystemAssessment) => {
  const word = WORD[choice]
  if (choice === 'open')
    return {
      word,
      says: 'No system is chosen yet',
      next: `Next: compare; fewest drawbacks: ${candidates[0]?.title ?? 'none'}`,
    }
  if (choice === 'chosen') return { word, says: chosen!.title, next: 'Next: the fuel system' }
  return {
    word,
    says: 'The chosen system no longer suits this car or these requirements',
    next: `Next: ${chosen!.objections[0]}`,
  }
}

const SystemSheet = ({ job, assessment }: SheetOf<SystemAssessment>) => (
  <Columns
    names={['Requirements', 'Comparison', 'Assessment']}
    measured={<Wishes job={job} />}
    picture={<Comparison assessment={assessment} />}
    judgement={<SystemJudgement job={job} assessment={assessment} />}
  />
)

const NOTHING = {}

/** The choice of system: wishes, candidates side by side, and what follows from the one that is chosen. */
export const SystemBench = makeBench<SystemAssessment, object>({
  station: SYSTEM_STATION,
  screens: { '': SystemSheet },
  useExtra: () => NOTHING,
  headline: headlineOf,
  commands: ({ assessment: { candidates } }) =>
    candidates
      .filter((c) => c.objections.length === 0)
      .map((c) => ({
        id: `choose-${c.id}`,
        group: 'Choose a system',
        label: c.title,
        run: () => void run(setSystem({ chosen: c.architecture, controller: c.controller }, 'choice of system', false)),
      })),
})

import { useCallback } from 'react'
import { useCommands, type PaletteCommand } from '../../palette/paletteStore.ts'
import { selectSystem } from '../../store/assessments.ts'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { run, setSystem } from '../../store/commands.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { BenchHeadline } from '../bench/BenchHeadline.tsx'
import { Columns } from '../bench/Columns.tsx'
import { Comparison } from './Comparison.tsx'
import { SystemJudgement } from './SystemJudgement.tsx'
import { Wishes } from './Wishes.tsx'

const WORD = { open: 'Open', chosen: 'Chosen', doubtful: 'Doubtful' } as const
const STATE = { open: 'unknown', chosen: 'ok', doubtful: 'stop' } as const

/** The choice of system: wishes, candidates side by side, and what follows from the one that is chosen. */
export const SystemBench = () => {
  const job = useJobStore((s) => s.document)!
  const catalogue = useCatalogue((s) => s.catalogue)!
  const assessment = selectSystem(job, catalogue)
  const { candidates, chosen, state } = assessment
  const [best] = candidates
  const source = useCallback(
    (): PaletteCommand[] =>
      candidates
        .filter((c) => c.objections.length === 0)
        .map((c) => ({
          id: `choose-${c.id}`,
          group: 'Choose a system',
          label: c.title,
          run: () =>
            void run(setSystem({ chosen: c.architecture, controller: c.controller }, 'choice of system', false)),
        })),
    [candidates],
  )
  useCommands('system', source)
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <BenchHeadline
        state={STATE[state]}
        word={WORD[state]}
        says={
          state === 'open'
            ? 'No system is chosen yet'
            : state === 'chosen'
              ? chosen!.title
              : 'The chosen system no longer suits this car or these wishes'
        }
        next={
          state === 'open'
            ? `Next: compare; least against it has: ${best?.title ?? 'none'}`
            : state === 'chosen'
              ? 'Next: the fuel station'
              : `Next: ${chosen!.objections[0]}`
        }
      />
      <Columns
        names={['Wishes', 'Comparison', 'Judgement']}
        measured={<Wishes job={job} />}
        picture={<Comparison assessment={assessment} />}
        judgement={<SystemJudgement job={job} assessment={assessment} />}
      />
    </div>
  )
}

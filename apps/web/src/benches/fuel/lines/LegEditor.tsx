import { emptyLeg, type Catalogue, type JobDocument, type LineLeg, type LineName } from '@lochmoor/core'
import { Plus } from 'lucide-react'
import { run, setLegs } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { Button } from '../../../shell/Button.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'
import { LINE_TITLES, LineInputs } from '../inputs/LineInputs.tsx'
import { LegFields } from './LegFields.tsx'

interface Props {
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly which: LineName
  readonly used: readonly LineName[]
  readonly index: number
  readonly onWhich: (line: LineName) => void
  readonly onIndex: (index: number) => void
}

/** Which line, its legs in the order of the flow, and the leg that is worked on. */
export const LegEditor = ({ job, catalogue, which, used, index, onWhich, onIndex }: Props) => {
  const { legs, lengthM, bends90, bends45 } = job.fuel[which]
  const put = (next: readonly LineLeg[], label: string, at: number) => {
    run(setLegs(which, next, label))
    onIndex(at)
  }
  const add = () => {
    const first = legs.length === 0
    // The first leg begins as what was known of the whole line.
    const leg: LineLeg = first
      ? { ...emptyLeg(newId(), 'Whole line'), lengthM, bends90, bends45 }
      : emptyLeg(newId(), `Leg ${legs.length + 1}`)
    put([...legs, leg], 'new leg', legs.length)
  }
  const leg = legs[index]
  return (
    <>
      <div role="group" aria-label="Line" className="mb-2 grid grid-cols-4 gap-1">
        {used.map((line) => (
          <button
            key={line}
            type="button"
            aria-pressed={line === which}
            onClick={() => onWhich(line)}
            className={`h-9 border font-semibold capitalize ${line === which ? 'border-ink bg-ink text-paper' : 'border-soft/60 hover:bg-wash'}`}
          >
            {line}
          </button>
        ))}
      </div>
      <LineInputs job={job} catalogue={catalogue} which={which} onLines />
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">
        Legs of the {LINE_TITLES[which].toLowerCase()}
      </h2>
      {legs.length === 0 && (
        <p className="pb-1.5 leading-snug text-soft">
          One figure for the whole line so far. Described leg by leg, from sealing seat to sealing seat, it gives a cut
          list and counts the drop of the actual fittings.
        </p>
      )}
      <ListEditor
        name="Legs"
        items={legs}
        index={index}
        nameOf={(l) => l.name}
        onIndex={onIndex}
        onItems={put}
        add={
          <Button onClick={add}>
            <Plus size={16} aria-hidden /> {legs.length === 0 ? 'Describe it leg by leg' : 'Add a leg'}
          </Button>
        }
      />
      {leg && <LegFields key={leg.id} {...{ job, catalogue, which, leg }} number={index + 1} />}
    </>
  )
}

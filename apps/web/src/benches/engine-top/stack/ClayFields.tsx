import { CLAY_PLACES, CLAY_SPREAD_M, describePath, emptyClay, type ClayPlace, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.stack.clay'
const MOST = 24
const RIM = CLAY_PLACES.filter((p) => p.startsWith('rim'))

/** Lumps of clay on the old stack, squeezed by the closed bonnet. */
export const ClayFields = ({ job, fromWalk }: { job: JobDocument; fromWalk: boolean }) => {
  const { clay, rimM } = job.engineTop.stack
  const [index, setIndex] = useState(0)
  const own = clay[Math.min(index, Math.max(0, clay.length - 1))]
  const set = (next: typeof clay, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const words = describePath(`${PATH}.x.place`).words ?? {}
  const nameOf = (place: string) => {
    const word = words[place] ?? place
    return word.charAt(0).toUpperCase() + word.slice(1)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  /** A lump where it lies by its name, as far as the rim is known. */
  const laid = (place: ClayPlace) => {
    const item = emptyClay(newId(), place)
    if (place === 'centre') return { ...item, rightM: 0, aheadM: 0 }
    const turn = RIM.indexOf(place)
    if (turn < 0 || rimM === null) return item
    const along = (share: number) => Math.round((rimM / 2) * share * 1e3) / 1e3
    const angle = (Math.PI * turn) / 4
    return { ...item, rightM: along(Math.sin(angle)), aheadM: along(Math.cos(angle)) }
  }
  const missing = (['centre', ...RIM] as ClayPlace[]).filter((p) => !clay.some((x) => x.place === p) && !(p === 'centre' && fromWalk))
  return (
    <Group title="Clay on the old stack">
      <p className="py-1 text-sm leading-snug text-soft">
        Cling film under each lump; close the bonnet gently to its catch. {fromWalk ? 'The gap of the walk-around stands for the centre.' : ''}
      </p>
      {missing.length > 0 && (
        <div className="py-1">
          <AddButton onClick={() => set([...clay, ...missing.map(laid)].slice(0, MOST), 'clay listed', clay.length)}>
            List centre and rim
          </AddButton>
        </div>
      )}
      <ListEditor
        name="Lumps of clay"
        items={clay}
        index={index}
        nameOf={(x) => nameOf(x.place)}
        noteOf={(x) => (x.clayM === null ? 'not measured' : <FigureText figure={{ si: x.clayM, family: 'bore', decimals: 0 }} />)}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={clay.length < MOST && <AddButton onClick={() => set([...clay, laid('other')], 'clay added', clay.length)}>Add lump</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <SelectEntry label="Place" value={own.place} options={CLAY_PLACES.map((p) => [p, nameOf(p)] as const)} onChange={(p) => run(setAt(at('place'), p, 'clay: place'))} />
          <PathField job={job} path={at('clayM')} label="Clay, squeezed" of={nameOf(own.place)} />
          <PathField job={job} path={at('topM')} label="Top of the old part, above the pad" of={nameOf(own.place)} />
          <PathField job={job} path={at('rightM')} label="Right of the pad’s middle" of={nameOf(own.place)} />
          <PathField job={job} path={at('aheadM')} label="Ahead of it" of={nameOf(own.place)} />
          <PathField job={job} path={at('spreadM')} label="Spread of two lumps" of={nameOf(own.place)} assumed={CLAY_SPREAD_M} />
        </div>
      )}
    </Group>
  )
} // prettier-ignore

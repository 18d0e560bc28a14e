import {
  ALL_THREADS,
  boltAt,
  boltRow,
  emptyBolts,
  isTapered,
  USUAL_CLAMP,
  type BoltGroup,
  type BoltsOfGroup,
  type JobDocument,
} from '@lochmoor/core'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.bolts'
const MOST = 16
const USUAL: readonly (readonly [name: string, part: BoltGroup['part']])[] = [
  ['Manifold to heads', 'manifold'],
  ['Throttle body', 'throttle-body'],
  ['Spacer', 'adapter'],
  ['Coolant sensor', 'sensor'],
]

interface Props {
  readonly job: JobDocument
  readonly index: number
  readonly onIndex: (index: number) => void
  readonly of: BoltsOfGroup | null
}

/** One group of fasteners: what it clamps, what it screws into, and its pattern. */
export const BoltFields = ({ job, index, onIndex, of }: Props) => {
  const { bolts } = job.engineTop
  const own = bolts[index]
  const set = (next: typeof bolts, label: string, to: number) => {
    run(setAt(PATH, next, label))
    onIndex(to)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const tapered = of !== null && of.thread !== null && isTapered(of.thread)
  const add = () => {
    const [name, part] = USUAL.find((u) => !bolts.some((b) => b.part === u[1])) ?? ['More bolts', 'other']
    set([...bolts, emptyBolts(newId(), name, part)], 'bolts added', bolts.length)
  }
  return (
    <>
      <Group title="Groups of bolts">
        <ListEditor
          name="Groups of bolts"
          items={bolts}
          index={index}
          nameOf={(b) => b.name}
          noteOf={(b) => ALL_THREADS.find((t) => t.id === b.thread)?.name ?? 'not measured'}
          onIndex={onIndex}
          onItems={set}
          add={bolts.length < MOST && <AddButton onClick={add}>Add bolts</AddButton>}
        />
      </Group>
      {own && (
        <Group title={own.name}>
          <NameEntry key={own.id} name={own.name} what="A group of bolts" onChange={(name) => run(setAt(at('name'), name, 'bolts: name'))} />
          <PathChoice job={job} path={at('part')} label="They hold" />
          <PathField job={job} path={at('many')} label="Number" of={own.name} />
          <PathChoice job={job} path={at('thread')} label="Thread" />
          {tapered ? (
            <>
              <PathField job={job} path={at('threadDepthM')} label="Depth that can be tapped" of={own.name} />
              <PathField job={job} path={at('wallM')} label="Thinnest wall beside the hole" of={own.name} />
            </>
          ) : (
            <>
              <PathChoice job={job} path={at('strength')} label="Marking on the head" />
              <PathChoice job={job} path={at('tapped')} label="Tapped into" />
              <PathField job={job} path={at('flangeM')} label="Flange, body, spacer together" of={own.name} />
              <PathField job={job} path={at('gasketM')} label="Gaskets, as tightened" of={own.name} />
              <PathField job={job} path={at('washerM')} label="Washer" of={own.name} assumed={0} assumedWord="none" />
              <PathField job={job} path={at('threadDepthM')} label="Thread in the hole" of={own.name} />
              <PathChoice job={job} path={at('through')} label="Hole goes through" />
              {own.through !== true && <PathField job={job} path={at('holeDepthM')} label="Depth of the hole" of={own.name} />}
              <PathChoice job={job} path={at('opensInto')} label="Hole opens into" />
              <PathChoice job={job} path={at('state')} label="Thread is" />
              <PathChoice job={job} path={at('sealed')} label="Sealant on it" />
              <PathField job={job} path={at('frictionK')} label="Torque coefficient K" of={own.name} assumed={of?.torqueCoefficient ?? undefined} decided />
              <PathField job={job} path={at('clampShare')} label="Clamp, of the weakest part" of={own.name} assumed={USUAL_CLAMP} decided />
              <PathField job={job} path={at('lengthM')} label="Bolt at hand, under its head" of={own.name} />
            </>
          )}
        </Group>
      )}
      {own && !tapered && <PatternFields key={own.id} job={job} group={own} />}
    </>
  )
} // prettier-ignore

const PatternFields = ({ job, group }: { job: JobDocument; group: BoltGroup }) => {
  const path = `${PATH}.${group.id}`
  const [row, setRow] = useState(0)
  const [place, setPlace] = useState(0)
  const setRows = (next: typeof group.rows, label: string, to: number) => {
    run(setAt(`${path}.rows`, next, label))
    setRow(to)
  }
  const setPlaces = (next: typeof group.places, label: string, to: number) => {
    run(setAt(`${path}.places`, next, label))
    setPlace(to)
  }
  const ownRow = group.rows[Math.min(row, Math.max(0, group.rows.length - 1))]
  const ownPlace = group.places[Math.min(place, Math.max(0, group.places.length - 1))]
  return (
    <Group title="Pattern, from above">
      <PathChoice job={job} path={`${path}.pattern`} label="Pattern" none="not entered" />
      {group.pattern === 'circle' && (
        <>
          <PathField job={job} path={`${path}.circleM`} label="Circle diameter" of={group.name} />
          <PathChoice job={job} path={`${path}.firstAtTop`} label="First at the front" />
        </>
      )}
      {group.pattern === 'rows' && (
        <>
          <ListEditor
            name="Rows, from the front back"
            items={group.rows}
            index={row}
            nameOf={(r) => `Row of ${r.count}`}
            onIndex={setRow}
            onItems={setRows}
            add={group.rows.length < 8 && <AddButton onClick={() => setRows([...group.rows, boltRow(newId())], 'row added', group.rows.length)}>Add row</AddButton>}
          />
          {ownRow && (
            <div key={ownRow.id}>
              <PathField job={job} path={`${path}.rows.${ownRow.id}.count`} label="Bolts in the row" of={group.name} />
              <PathField job={job} path={`${path}.rows.${ownRow.id}.pitchM`} label="Spacing along it" of={group.name} />
              {ownRow !== group.rows[0] && <PathField job={job} path={`${path}.rows.${ownRow.id}.behindM`} label="Behind the row before" of={group.name} />}
            </div>
          )}
        </>
      )}
      {group.pattern === 'places' && (
        <>
          <ListEditor
            name="Places of the bolts"
            items={group.places}
            index={place}
            nameOf={(p) => `Bolt ${group.places.indexOf(p) + 1}`}
            noteOf={(p) => (p.rightM === null || p.aheadM === null ? 'not measured' : '')}
            onIndex={setPlace}
            onItems={setPlaces}
            fixedOrder
            add={group.places.length < 40 && <AddButton onClick={() => setPlaces([...group.places, boltAt(newId())], 'bolt added', group.places.length)}>Add bolt</AddButton>}
          />
          {ownPlace && (
            <div key={ownPlace.id}>
              <PathField job={job} path={`${path}.places.${ownPlace.id}.rightM`} label="To the right" of={group.name} />
              <PathField job={job} path={`${path}.places.${ownPlace.id}.aheadM`} label="Ahead" of={group.name} />
            </div>
          )}
        </>
      )}
    </Group>
  )
} // prettier-ignore

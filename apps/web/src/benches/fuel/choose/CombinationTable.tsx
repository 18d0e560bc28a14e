import { fig, partById, type Catalogue, type Combination, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { Button } from '../../../shell/Button.tsx'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { DataTable } from '../../bench/DataTable.tsx'

const PAGE = 25

interface Props {
  readonly name: string
  readonly rows: readonly Combination[]
  /** How many there are, where `rows` are only the first of them. */
  readonly count?: number
  readonly catalogue: Catalogue
  readonly job: JobDocument
  readonly onTake: (c: Combination) => void
}

const keyOf = (c: Combination): string => [c.pumpId, c.feedId, c.returnId, c.filterId, c.regulatorId].join(' ')

const isChosen = (c: Combination, { fuel }: JobDocument): boolean =>
  fuel.pump?.id === c.pumpId &&
  fuel.feed.hose?.id === c.feedId &&
  (c.returnId === null || fuel.return.hose?.id === c.returnId) &&
  fuel.filter?.id === c.filterId &&
  fuel.regulator?.id === c.regulatorId

/** What works, with less to spare than is wanted. */
const isTight = (fails: Combination['fails']): boolean =>
  fails === 'reserve below 15 %' ||
  fails === 'less than 10 % return-line margin' ||
  fails === 'feed drops more than 4 % of the pressure'

/** Combinations with their margins, and the way to take one. */
export const CombinationTable = ({ name, rows, count = rows.length, catalogue, job, onTake }: Props) => {
  const [most, setMost] = useState(PAGE)
  const mayWrite = useMayWrite()
  const nameOf = (list: readonly { readonly id: string; readonly name: string }[], id: string) =>
    partById(list, id)?.name ?? id
  return (
    <>
      <DataTable
        name={name}
        rows={rows.slice(0, most)}
        keyOf={keyOf}
        marked={(c) => isChosen(c, job)}
        columns={[
          {
            head: 'Use',
            unseenHead: true,
            cell: (c) =>
              isChosen(c, job) ? (
                <span className="font-bold">chosen</span>
              ) : (
                <Button
                  disabled={!mayWrite}
                  label={`Use ${nameOf(catalogue.pumps, c.pumpId)} with ${nameOf(catalogue.hoses, c.feedId)}`}
                  onClick={() => onTake(c)}
                >
                  Use
                </Button>
              ),
          },

          {
            head: 'Parts',
            wide: true,
            cell: (c) => (
              <>
                <span className="block font-semibold">{nameOf(catalogue.pumps, c.pumpId)}</span>
                <span className="block text-sm text-soft">
                  feed {nameOf(catalogue.hoses, c.feedId)}
                  {c.returnId !== null && `, return ${nameOf(catalogue.hoses, c.returnId)}`},{' '}
                  {nameOf(catalogue.filters, c.filterId)}, {nameOf(catalogue.regulators, c.regulatorId)}
                </span>
                {c.fails && <span className="block text-sm font-semibold">{c.fails}</span>}
              </>
            ),
          },
          {
            head: 'Checked',
            cell: (c) => (
              <StateShape
                state={c.fails === null ? 'ok' : isTight(c.fails) ? 'caution' : 'stop'}
                word={c.fails === null ? 'passes' : isTight(c.fails) ? 'tight' : 'fails'}
              />
            ),
          },
          { head: 'Reserve', right: true, cell: (c) => <FigureText figure={fig(c.reserve, 'share', 0)} /> },
          {
            head: 'Return margin',
            right: true,
            cell: (c) => <FigureText figure={fig(c.headroom, 'share', 0)} />,
          },
          {
            head: 'Current, heat',
            right: true,
            cell: (c) => (
              <>
                <FigureText figure={fig(c.currentA, 'current')} />
                <span className="block text-sm text-soft">
                  <FigureText figure={fig(c.heatW, 'heat', 0)} />
                </span>
              </>
            ),
          },
          { head: 'Noise', right: true, cell: (c) => `${c.noiseClass} of 5` },
          { head: 'Price', right: true, cell: (c) => c.price },
        ]}
      />
      {rows.length === 0 && <p className="py-1 text-soft">None. Show those that fail to see what rules them out.</p>}
      {count > rows.length && (
        <p className="py-1 text-soft">
          The first {rows.length.toLocaleString('en')} of {count.toLocaleString('en')} are listed; another order lists
          others.
        </p>
      )}
      {rows.length > most && (
        <p className="mt-1">
          <Button kind="quiet" onClick={() => setMost(most + PAGE)}>
            Show more ({rows.length - most} left)
          </Button>
        </p>
      )}
    </>
  )
}

import { fig, type StackOfJob } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** Gap at every corner of the stack under the bonnet, and to what stands at its sides, worst first. */
export const GapTables = ({ stack }: { stack: StackOfJob }) => (
  <>
    {stack.clearance.corners.length > 0 && (
      <section aria-label="Under the bonnet" className="mt-4">
        <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Gaps under the bonnet, worst first</h2>
        <DataTable
          name="Gaps under the bonnet"
          rows={stack.clearance.corners}
          keyOf={(x) => x.id}
          columns={[
            { head: 'Place', wide: true, cell: (x) => capital(stack.nameOf(x.id)) },
            {
              head: 'State',
              cell: (x) =>
                x.gapM === null ? (
                  <StateShape state="unknown" word="Not known" />
                ) : x.gapM < 0 ? (
                  <StateShape state="stop" word="Hits" />
                ) : x.gapM < stack.wantedM ? (
                  <StateShape state="caution" word="Close" />
                ) : (
                  <StateShape state="ok" word="Clear" />
                ),
            },
            { head: 'Gap, rocking', right: true, cell: (x) => (x.gapM === null ? 'lay clay there' : <FigureText figure={fig(x.gapM, 'bore', 1)} />) },
            { head: '±', right: true, cell: (x) => (x.spreadM === null ? '' : <FigureText figure={fig(x.spreadM, 'bore', 1)} />) },
            { head: 'At rest', right: true, cell: (x) => (x.atRestM === null ? '' : <FigureText figure={fig(x.atRestM, 'bore', 1)} />) },
            { head: 'Sideways', right: true, cell: (x) => (x.gapM === null ? '' : <FigureText figure={fig(Math.abs(x.sidewaysM), 'bore', 0)} />) },
          ]}
        />
        <p className="py-1 text-sm leading-snug text-soft">
          Farther than 50 mm from a lump of clay the bonnet is not known. Spread: clay, and a bonnet that curves away from it (rule of thumb).
        </p>
      </section>
    )}
    {stack.gaps.length > 0 && (
      <section aria-label="At the sides" className="mt-4">
        <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Room at the sides, tightest first</h2>
        <DataTable
          name="Room at the sides"
          rows={stack.gaps.slice(0, 8)}
          keyOf={(g) => `${g.point} ${g.face}`}
          columns={[
            { head: 'Between', wide: true, cell: (g) => `${capital(stack.nameOf(g.point))} and ${stack.nameOf(g.face).toLowerCase()}` },
            { head: 'Gap, rocking', right: true, cell: (g) => <FigureText figure={fig(g.gapM, 'bore', 0)} /> },
            { head: 'At rest', right: true, cell: (g) => <FigureText figure={fig(g.atRestM, 'bore', 0)} /> },
          ]}
        />
      </section>
    )}
  </>
) // prettier-ignore

import {
  counted,
  emptyPurchase,
  fig,
  headOf,
  purchasesOf,
  type JobDocument,
  type Purchase,
  type PurchaseLine,
  type Purchases,
} from '@lochmoor/core'
import { useEffect, useMemo, useRef, useState } from 'react'
import { DataTable } from '../benches/bench/DataTable.tsx'
import { Group } from '../benches/bench/Group.tsx'
import { PaperLinks } from '../benches/bench/PaperLinks.tsx'
import { FigureText, SentenceText } from '../fields/FigureText.tsx'
import { PathChoice } from '../fields/PathChoice.tsx'
import { PathField } from '../fields/PathField.tsx'
import { PathText } from '../fields/PathText.tsx'
import { StateMark } from '../marks/StateMark.tsx'
import { ownDataIsThere } from '../shell/arrived.ts'
import { Button } from '../shell/Button.tsx'
import { run, setAt } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { newId } from '../store/newId.ts'
import { useMayWrite } from '../store/sessionStore.ts'

const PATH = 'orders.purchases'

/** Every part of the job in one list: when it is bought and from whom, what it cost, whether what came is right. */
export const PurchasesPage = () => {
  const job = useJobStore((s) => s.document!)
  const all = useMemo(() => purchasesOf(job), [job])
  // A new object each time one is pressed: the same line pressed again is to be seen again.
  const [asked, setAsked] = useState<{ readonly id: string } | null>(null)
  useEffect(ownDataIsThere, [])
  const shown = all.lines.find((l) => l.id === asked?.id) ?? null
  const aside = useRef<HTMLElement>(null)
  // To where the order is entered, past all lines below the one that was pressed.
  useEffect(() => {
    if (asked === null) return
    aside.current?.focus({ preventScroll: true })
    aside.current?.scrollIntoView({ block: 'nearest' })
  }, [asked])
  return (
    <div className="min-h-0 flex-1 lg:overflow-y-auto">
      <div className="mx-auto grid w-full max-w-7xl grid-cols-1 gap-6 p-3 lg:grid-cols-[minmax(0,1fr)_20rem] lg:p-6">
        <section aria-label="Parts of the job">
          <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Parts of the job</h2>
          <Standing all={all} />
          {all.lines.length === 0 ? (
            <p className="py-3">Nothing to buy yet: parts come onto this list from the stations as they are chosen.</p>
          ) : (
            <DataTable
              name="Parts and orders"
              rows={all.lines}
              keyOf={(l) => l.id}
              columns={[
                { head: 'Part', wide: true, cell: (l) => <PartName line={l} alike={all.lines.filter((o) => o.name === l.name).length > 1} chosen={l.id === shown?.id} onOpen={() => setAsked({ id: l.id })} /> },
                { head: 'Quantity', right: true, cell: (l) => (l.part ? <span className={l.part.line.assumed ? 'text-soft italic' : 'font-semibold'}>{l.part.line.assumed && 'assumed '}<FigureText figure={l.part.line.quantity} /></span> : '–') },
                { head: 'Station', cell: (l) => (l.part ? l.part.stations.map((s) => headOf(s).title).join(', ') : 'none any more') },
                { head: 'Buy', cell: (l) => <span className="whitespace-nowrap">{l.words.buy}</span> },
                { head: 'Supplier', cell: (l) => l.purchase?.supplier ?? '' },
                { head: all.currency === '' ? 'Price' : `Price, ${all.currency}`, right: true, cell: (l) => (l.purchase && l.purchase.price !== null ? <FigureText figure={fig(l.purchase.price, 'money', 2)} /> : '') },
                { head: 'Delivered', cell: (l) => <span className="whitespace-nowrap">{l.words.delivered}</span> },
              ]}
            />
          )}
        </section>
        <aside
          ref={aside}
          aria-label="Order of a part"
          tabIndex={-1}
          // Below a list of forty parts nobody would see it, nor beside its first line when the fortieth is pressed.
          className={`outline-none lg:sticky lg:top-6 lg:max-h-[calc(100dvh-7.5rem)] lg:self-start lg:overflow-y-auto ${shown ? 'max-lg:order-first' : ''}`}
        >
          {shown ? <OrderOf key={shown.id} job={job} line={shown} onGone={() => setAsked(null)} /> : <p className="text-soft">Choose a part to enter when it is bought, from whom, and what came.</p>}
          <h2 className="mt-4 mb-1 border-b-2 border-ink pb-0.5 font-extrabold">As a file</h2>
          <PaperLinks papers={[{ file: 'purchases.csv', words: 'Parts and orders as CSV' }]} />
        </aside>
      </div>
    </div>
  )
} // prettier-ignore

const Standing = ({ all }: { all: Purchases }) => (
  <>
    <p className="py-1">
      {counted(all.lines.length, 'line')}, {all.delivered} delivered right, {all.priced} priced
      {all.priced > 0 && (
        <>
          {': '}
          <strong>
            <FigureText figure={fig(all.priceSum, 'money', 2)} />
          </strong>
          {all.currency === '' ? ', currency not said' : ` ${all.currency}`}
        </>
      )}
      .
    </p>
    {all.repairsOpen && (
      <p className="py-1 font-semibold text-stop">
        Repairs stand first: order only what they need. An order in spite of it is a decision with a reason.
      </p>
    )}
  </>
)

interface NameProps {
  readonly line: PurchaseLine
  /** Other lines have its name: what it must be tells them apart. */
  readonly alike: boolean
  readonly chosen: boolean
  readonly onOpen: () => void
}

const PartName = ({ line, alike, chosen, onOpen }: NameProps) => (
  <>
    <button type="button" aria-pressed={chosen} onClick={onOpen} className={`text-left underline decoration-hair hover:decoration-accent ${chosen ? 'font-bold' : ''}`}>
      {line.name}
      {alike && line.part && (
        <>
          , <SentenceText sentence={line.part.line.specification} />
        </>
      )}
    </button>
    {line.faults.map((f, i) => (
      <span key={i} className="flex items-baseline gap-1.5 leading-snug">
        <StateMark state={f.state} />
        <span>
          <SentenceText sentence={f.says} />
        </span>
      </span>
    ))}
  </>
) // prettier-ignore

interface OrderProps {
  readonly job: JobDocument
  readonly line: PurchaseLine
  readonly onGone: () => void
}

/** What a part must be, and what is known of buying it. To look at a part enters nothing. */
const OrderOf = ({ job, line, onGone }: OrderProps) => {
  const mayWrite = useMayWrite()
  const fields = useRef<HTMLFieldSetElement>(null)
  const asked = useRef(false)
  const order = () => {
    const all = [...job.orders.purchases, emptyPurchase(newId(), line.name, line.id)]
    asked.current = run(setAt(PATH, all, `order of ${line.name}`))
  }
  // The button is gone once it is pressed: the keyboard goes on at the first field.
  const isOrdered = line.purchase !== null
  useEffect(() => {
    if (isOrdered && asked.current) fields.current?.querySelector('select')?.focus()
    asked.current = false
  }, [isOrdered])
  return (
    <fieldset ref={fields} disabled={!mayWrite}>
      <Group title={line.name}>
        {line.part && (
          <p className="pb-1 leading-snug text-soft">
            <SentenceText sentence={line.part.line.specification} />; {line.part.line.why}.
          </p>
        )}
        {line.purchase ? (
          <PurchaseFields job={job} line={line} purchase={line.purchase} onGone={onGone} />
        ) : (
          <Button onClick={order}>Enter its order</Button>
        )}
      </Group>
    </fieldset>
  )
}

const PurchaseFields = ({ job, line, purchase, onGone }: OrderProps & { readonly purchase: Purchase }) => {
  const at = (field: string) => `${PATH}.${purchase.id}.${field}`
  return (
    <>
      <PathChoice job={job} path={at('buyWhen')} label="Buy" none="not said" />
      <PathText job={job} path={at('supplier')} label="Supplier" />
      <PathField job={job} path={at('price')} label="Price, all of it" decided />
      {purchase.price !== null && (
        <PathText job={job} path="orders.currency" label="Currency of all prices" placeholder="EUR" />
      )}
      <PathChoice job={job} path={at('delivered')} label="Delivered" none="not yet" />
      <PathChoice job={job} path={at('tested')} label="Tested before fitting" none="not yet" />
      <PathField job={job} path={at('sizeM')} label="Largest dimension" of={line.name} />
      <PathField job={job} path={at('roomM')} label="Room at its place" of={line.name} />
      <PathText job={job} path={at('weakness')} label="Known weakness or revision" lines={2} />
      <div className="mt-2 flex">
        <Button
          kind="quiet"
          onClick={() => {
            run(setAt(PATH, job.orders.purchases.filter((p) => p.id !== purchase.id), `order of ${line.name} removed`)) // prettier-ignore
            onGone()
          }}
        >
          Remove what is entered here
        </Button>
      </div>
    </>
  )
}

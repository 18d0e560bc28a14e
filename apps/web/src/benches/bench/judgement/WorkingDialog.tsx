import { formatNumber, type Working, type WorkingStep } from '@lochmoor/core'
import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { prettyFormula, withNumbers } from './formulaText.ts'

interface Props {
  readonly working: Working
  /** The moment it holds for. */
  readonly moment: string
  /** Said where there are no steps. */
  readonly nothing: string
  readonly onClose: () => void
}

/** How a figure came about: each formula, the same with its numbers put in, the result and the source. */
export const WorkingDialog = ({ working, moment, nothing, onClose }: Props) => {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-40 max-h-[88dvh] w-[min(46rem,95vw)] -translate-1/2 overflow-y-auto border-2 border-ink bg-sheet p-5"
        >
          <div className="mb-2 flex items-start justify-between gap-4">
            <Dialog.Title className="text-lg font-extrabold">
              {working.title} <span className="font-normal text-soft">· {moment.toLowerCase()}, SI units</span>
            </Dialog.Title>
            <Dialog.Close aria-label="Close" className="grid size-9 shrink-0 place-items-center hover:bg-wash">
              <X size={20} aria-hidden />
            </Dialog.Close>
          </div>
          {working.steps.length === 0 ? (
            <p>{nothing}</p>
          ) : (
            <ol>
              {working.steps.map((step, i) => (
                <Step key={i} step={step} />
              ))}
            </ol>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

/** Text with what follows an underscore set below the line. */
const Formula = ({ text }: { text: string }) =>
  text.split(/(_[A-Za-z0-9]+)/).map((part, i) => (part.startsWith('_') ? <sub key={i}>{part.slice(1)}</sub> : part))

const Step = ({ step }: { step: WorkingStep }) => (
  <li className="border-t border-hair py-2.5">
    <p className="mb-1 font-semibold">{step.meaning}</p>
    <p className="text-soft">
      <Formula text={`${prettyFormula(step.symbol)} = ${prettyFormula(step.formula)}`} />
    </p>
    <p>
      <Formula text={`${prettyFormula(step.symbol)} = ${withNumbers(step)}`} /> ={' '}
      <strong>
        {formatNumber(step.result)} {step.unit}
      </strong>
    </p>
    <p className="mt-0.5 text-sm text-soft">
      {Object.entries(step.inputs).map(([symbol, { value, unit }], i) => (
        <span key={symbol}>
          {i > 0 && ' · '}
          <Formula text={prettyFormula(symbol)} /> = {formatNumber(value)} {unit}
        </span>
      ))}
    </p>
    <p className="text-sm text-soft">Source: {step.source}</p>
  </li>
)

import { formatNumber, type Working, type WorkingStep } from '@lochmoor/core'
import { OverPage } from '../../../shell/OverPage.tsx'
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
    <OverPage
      title={
        <>
          {working.title} <span className="font-normal text-soft">· {moment.toLowerCase()}, SI units</span>
        </>
      }
      wide="figures"
      onClose={onClose}
    >
      {working.steps.length === 0 ? (
        <p>{nothing}</p>
      ) : (
        <ol>
          {working.steps.map((step, i) => (
            <Step key={i} step={step} />
          ))}
        </ol>
      )}
    </OverPage>
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

import {
  USUAL_LEAK_M,
  RUN_WORDS,
  JOINT_WORDS,
  leakPlan,
  piecesPath,
  LEAK_TEST_STEPS,
  type ExhaustCase,
  type LeakPlanLine,
} from '@lochmoor/core'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { run as doRun, setAt } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'

const pathOf = ({ joint }: LeakPlanLine): string => `${piecesPath(joint.run)}.${joint.pieceId}`

const nameOf = ({ joint }: LeakPlanLine): string => `${RUN_WORDS[joint.run]}, ${joint.name}: ${JOINT_WORDS[joint.kind]}`

/** Writes what was found into the document and into the log book. */
const found = (line: LeakPlanLine, state: 'tight' | 'leaks'): void => {
  if (
    line.joint.state === state ||
    !doRun(setAt(`${pathOf(line)}.jointState`, state, `leak check: ${line.joint.name}`))
  )
    return
  const leak = {
    kind: 'measurement' as const,
    quantity: `Leak check: ${nameOf(line)}`,
    si: null,
    family: null,
    text: line.joint.state === 'leaks' && state === 'tight' ? 'tight now' : state,
    field: null,
    place:
      line.side === 'upstream' ? 'ahead of the sensor' : line.side === 'behind' ? 'downstream, within its reach' : '',
    condition: 'cold',
    instrument: 'soap or smoke',
  }
  enterRecord(leak, { of: `${pathOf(line)}.jointState` })
}

const SIDE_WORDS = {
  upstream: 'ahead of the sensor',
  behind: 'downstream, still reads at idle',
  downstream: 'further downstream',
  'no-spot': '',
} as const

/** The joints in the order of the flow, what was found at each, and how to test it. */
export const LeakPlanTable = ({ c }: { c: ExhaustCase }) => {
  const plan = leakPlan(c)
  const mayWrite = useMayWrite()
  return (
    <section aria-label="Leak check" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Leak check</h2>
      {plan.length === 0 ? (
        <p className="py-1 text-soft">No joints yet: enter the exhaust on tab “Pipe”.</p>
      ) : (
        <>
          <ol className="list-decimal py-1 pl-6 leading-snug">
            {LEAK_TEST_STEPS.map((s, i) => (
              <li key={i}>
                <SentenceText sentence={s} />
              </li>
            ))}
          </ol>
          <ul>
            {plan.map((line) => (
              <li key={pathOf(line)} className="border-b border-hair py-1.5">
                <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
                  <span className="w-[4.6rem] shrink-0">
                    <StateShape
                      state={line.joint.state === 'tight' ? 'ok' : line.joint.state === 'leaks' ? 'stop' : 'unknown'}
                      word={
                        line.joint.state === 'tight' ? 'Tight' : line.joint.state === 'leaks' ? 'Leaks' : 'Not checked'
                      }
                    />
                  </span>
                  <span className="min-w-0 flex-1 leading-snug font-semibold">
                    {nameOf(line)}
                    {line.joint.count > 1 && `, ${line.joint.count} of them`}{' '}
                    <span className="font-normal text-soft">{SIDE_WORDS[line.side]}</span>
                  </span>
                  <span className="flex gap-1.5">
                    {(['tight', 'leaks'] as const).map((state) => (
                      <button
                        key={state}
                        type="button"
                        disabled={!mayWrite}
                        aria-pressed={line.joint.state === state}
                        aria-label={`${nameOf(line)}: ${state}`}
                        onClick={() => found(line, state)}
                        className={`min-h-9 border px-3 font-semibold capitalize disabled:opacity-45 ${line.joint.state === state ? 'border-ink bg-ink text-paper' : 'border-soft/60 hover:bg-wash'}`}
                      >
                        {state}
                      </button>
                    ))}
                  </span>
                </div>
                <p className="text-sm leading-snug text-soft">{line.how}</p>
                {line.joint.state === 'leaks' && (
                  <fieldset disabled={!mayWrite} className="max-w-md">
                    <QuantityField
                      label={`Hole at ${line.joint.name.toLowerCase()}, as a round hole`}
                      path={`${pathOf(line)}.leakM`}
                      value={line.joint.leakM}
                      assumed={USUAL_LEAK_M}
                      onChange={(si) =>
                        doRun(setAt(`${pathOf(line)}.leakM`, si, `hole at ${line.joint.name.toLowerCase()}`))
                      }
                    />
                  </fieldset>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

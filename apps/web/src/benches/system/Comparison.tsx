import { counted, TRIGGER_WORDS, type Candidate, type ConsequenceKind, type SystemAssessment } from '@lochmoor/core'
import { run, setSystem } from '../../store/commands.ts'
import { enterRecord } from '../../store/records.ts'
import { useMayWrite } from '../../store/sessionStore.ts'
import { Button } from '../../shell/Button.tsx'
import { COST_WORDS } from './view.ts'

const MOST = 3

const choose = (c: Candidate) => {
  run(setSystem({ chosen: c.architecture, controller: c.controller }, 'choice of system', false))
  const against = c.against.map((a) => a.text).join(' ')
  const reason = against ? `Drawback: ${against}` : 'No drawbacks.'
  enterRecord({ kind: 'decision', text: `System chosen: ${c.title}`, reason }, { of: 'system.chosen' })
}

/** Up to three candidates side by side, topic by topic; what sets them apart is printed in ink, what they share in grey. */
export const Comparison = ({ assessment }: { assessment: SystemAssessment }) => {
  const { candidates, chosen, compared } = assessment
  const possible = candidates.filter((c) => c.objections.length === 0)
  const shown = compared.length > 0 ? compared : possible.slice(0, 2)
  return (
    <section aria-label="Side by side">
      {shown.length > 0 && <SideBySide shown={shown} chosenId={chosen?.id ?? null} />}
      <p className="mt-1 text-sm text-soft">
        {compared.length === 0
          ? 'The two with the fewest drawbacks; tick others below to compare up to three.'
          : 'What they share is grey; what sets one apart is in ink.'}
      </p>
      <CandidateList candidates={candidates} compared={compared.map((c) => c.id)} chosenId={chosen?.id ?? null} />
    </section>
  )
}

const consequences = (kind: ConsequenceKind) => (c: Candidate) =>
  c.consequences.filter((x) => x.kind === kind).map((x) => x.text)

const terminals = ({ architecture, controller, terminals: t }: Candidate): string[] => [
  `speed ${TRIGGER_WORDS[architecture.trigger]}`,
  counted(t.injectorDrivers, 'injector driver'),
  `${t.ignitionOutputs} ignition and ${counted(t.switchedOutputs, 'switched output')}`,
  `${t.triggerInputs} trigger and ${counted(t.analogueInputs, 'analogue input')}`,
  counted(t.oxygenSensors, 'oxygen sensor'),
  controller ? `smallest ECU that will do: ${controller.name}` : 'no ECU in the catalogue will do',
]

/** What the hours and the money of each scope cover. */
const SCOPE_WORDS = {
  engine: 'on the engine, with ECU, harness and sensor bung; no fuel lines',
  manifold: 'the manifold itself',
  fuel: 'pump, lines and tank',
  ignition: 'spark and trigger',
} as const

/** Hours as said aloud: "2.5 to 4.5 h". */
const hoursText = ([least, most]: readonly [number, number]): string =>
  least === most ? `${most} h` : `${least} to ${most} h`

const scopes = (c: Candidate): string[] =>
  c.scopes.map(
    (s) => `${hoursText(s.hours)}, about ${Math.round(s.costShare * 20) * 5} % of the cost: ${SCOPE_WORDS[s.scope]}`,
  )

const TOPICS: readonly (readonly [title: string, items: (c: Candidate) => readonly string[]])[] = [
  ['Not possible', (c) => c.objections],
  ['Hours and cost by what they cover', scopes],
  ['Drawbacks', (c) => c.against.map((a) => `${a.text} (${a.points})`)],
  ['Risks', (c) => c.risks],
  ['To buy', consequences('buy')],
  ['To cut', consequences('cut')],
  ['To weld', consequences('weld')],
  ['To give up', consequences('give-up')],
  ['Rules out later', consequences('rules-out')],
  ['Connected to the ECU', terminals],
]

const SideBySide = ({ shown, chosenId }: { shown: readonly Candidate[]; chosenId: string | null }) => {
  const columns = { gridTemplateColumns: `repeat(${shown.length}, minmax(0,1fr))` }
  return (
    <div className="border-t-2 border-ink">
      <div className="grid gap-x-4" style={columns}>
        {shown.map((c) => (
          <Head key={c.id} candidate={c} chosen={c.id === chosenId} />
        ))}
      </div>
      {TOPICS.map(([title, items]) => {
        const lists = shown.map(items)
        if (lists.every((l) => l.length === 0)) return null
        const isShared = (item: string) => lists.every((l) => l.includes(item))
        return (
          <section key={title} aria-label={title} className="border-t border-hair py-1.5">
            <h3 className="text-sm font-bold text-accent">{title}</h3>
            <div className="grid gap-x-4" style={columns}>
              {lists.map((list, i) => (
                <ul key={shown[i]!.id}>
                  {list.length === 0 && <li className="text-soft">nothing</li>}
                  {list.map((item) => (
                    <li
                      key={item}
                      className={`py-0.5 leading-snug ${shown.length > 1 && isShared(item) ? 'text-soft' : 'font-semibold'}`}
                    >
                      {item}
                    </li>
                  ))}
                </ul>
              ))}
            </div>
          </section>
        )
      })}
    </div>
  )
}

const Head = ({ candidate: c, chosen }: { candidate: Candidate; chosen: boolean }) => {
  const mayWrite = useMayWrite()
  return (
    <article aria-label={c.title} className="flex min-w-0 flex-col py-2">
      <h2 className="flex-1 leading-snug font-extrabold">{c.title}</h2>
      <p className="my-1 text-lg font-bold">
        {hoursText(c.hours)} in all, {COST_WORDS[c.costClass]}
      </p>
      <div className="flex">
        {chosen ? (
          <span className="border-2 border-accent px-2 py-1 font-bold text-accent">Chosen</span>
        ) : (
          <Button
            kind="main"
            disabled={!mayWrite || c.objections.length > 0}
            onClick={() => choose(c)}
            label={`Choose: ${c.title}`}
          >
            Choose this
          </Button>
        )}
      </div>
    </article>
  )
}

const CandidateList = ({
  candidates,
  compared,
  chosenId,
}: {
  candidates: readonly Candidate[]
  compared: readonly string[]
  chosenId: string | null
}) => {
  const mayWrite = useMayWrite()
  return (
    <section aria-label="All candidates" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">All options, fewest drawbacks first</h2>
      <ul>
        {candidates.map((c) => {
          const on = compared.includes(c.id)
          return (
            <li key={c.id} className="flex items-start gap-2 border-b border-hair/70 py-1">
              <label className="grid shrink-0 place-items-center max-lg:size-[44px]">
                <input
                  type="checkbox"
                  aria-label={`Compare: ${c.title}`}
                  checked={on}
                  disabled={!mayWrite || (!on && compared.length >= MOST)}
                  onChange={() =>
                    run(
                      setSystem(
                        { compared: on ? compared.filter((x) => x !== c.id) : [...compared, c.id] },
                        'comparison',
                        false,
                      ),
                    )
                  }
                  className="mt-1 size-4 shrink-0 accent-accent"
                />
              </label>
              <span className="min-w-0 flex-1 leading-snug">
                <span className={c.objections.length > 0 ? 'text-soft line-through' : 'font-semibold'}>{c.title}</span>
                {c.id === chosenId && <span className="ml-2 font-bold text-accent">chosen</span>}
                {c.objections.length > 0 && <span className="block text-sm text-stop">{c.objections.join(' ')}</span>}
              </span>
              <span className="w-24 shrink-0 text-right text-sm text-soft sm:w-auto sm:whitespace-nowrap">
                {c.points} against · up to {c.hours[1]} h in all · {COST_WORDS[c.costClass]}
              </span>
            </li>
          )
        })}
      </ul>
      <p className="mt-1 text-sm text-soft">Hours, cost and drawbacks are rules of thumb of the trade.</p>
    </section>
  )
}

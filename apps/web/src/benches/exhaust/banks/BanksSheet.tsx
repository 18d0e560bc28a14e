import { foundAt, sensorAdvice, steeringDoubts, type ExhaustSection } from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { run as doRun, setExhaust } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { originWords } from '../../../fields/standIn.ts'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { ExhaustCautions } from '../ExhaustCautions.tsx'
import { ForeignAir } from '../inputs/ForeignAir.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { BankDrawing } from './BankDrawing.tsx'

const WORDS = ['No sensor, no closed loop', 'One sensor', 'Two sensors, one per bank'] as const

/** The cases that practice knows, so that a special one is recognised. */
const CASES: readonly (readonly [string, string])[] = [
  ['Four or six in line', 'One, after the merge: it reads all cylinders.'],
  [
    'Vee or flat, throttle body, two pipes',
    'One in the leaner bank, or two that the ECU averages: two show up a bank that differs, they do not trim it.',
  ],
  ['Vee or flat, throttle body, common pipe', 'One in the common pipe.'],
  [
    'Vee or flat, port injection',
    'Two, one per bank, before any cross-over: each trims its own bank. One will do, but the other bank then follows blindly.',
  ],
  ['One turbo', 'One, downstream of the turbo and of the wastegate return. Two there make the banks fight.'],
  ['Open stubs or very short pipes', 'None: outside air is drawn back everywhere. No closed loop.'],
  [
    'Air pump into the ports',
    'No closed loop while it pumps: shut it off in closed loop or divert it to the catalyst, as the law allows.',
  ],
]

/** One sensor, two or none, and whether sensors and injectors of the banks belong together. */
export const BanksSheet = (props: SheetProps) => {
  const { job, assessment } = props
  const { c } = assessment
  const { exhaust } = job
  const advice = sensorAdvice(c)
  const doubts = steeringDoubts(c)
  const bank = [
    ['a', 'Bank A'],
    ['b', 'Bank B'],
  ] as const
  const twoBanks = exhaust.banks.length === 2
  const proved = (bankTest: ExhaustSection['bankTest']) => {
    if (!doRun(setExhaust({ bankTest }, 'test of the banks', false)) || bankTest === null) return
    const test = {
      kind: 'measurement' as const,
      quantity: 'Bank test: one injector of bank A unplugged',
      si: null,
      family: null,
      text: bankTest === 'own-went-lean' ? 'reading A went lean: right' : 'reading B went lean: crossed',
      field: null,
      place: '',
      condition: 'warm, idling, loop open',
      instrument: '',
    }
    enterRecord(test, { of: 'exhaust.bankTest' })
  }
  return (
    <Columns
      names={['Decided', 'Picture', 'Assessment']}
      measured={
        <>
          <Group title="Sensors">
            <ChoiceField
              label="How many"
              value={String(c.sensorCount)}
              options={WORDS.map((w, i) => [String(i), w] as const)}
              onChange={(v) => doRun(setExhaust({ sensorCount: Number(v) }, 'number of sensors', false))}
            />
            {exhaust.sensorCount === null && (
              <p className="text-right text-sm text-soft italic">{originWords(foundAt(job, 'exhaust.sensorCount'))}</p>
            )}
          </Group>
          <ForeignAir job={job} />
          {twoBanks && c.sensorCount === 2 && c.trimsBanks && (
            <>
              <Group title="Wiring and settings">
                <KnownChoiceField
                  label="Sensor A trims"
                  value={exhaust.steers.a}
                  options={bank}
                  how="Follow the lead of sensor A to the ECU’s input, then check in the settings which injector group it trims."
                  onChange={(v) =>
                    doRun(
                      setExhaust(
                        { steers: { ...exhaust.steers, a: v as 'a' | 'b' | null } },
                        'bank of sensor A',
                        false,
                      ),
                    )
                  }
                />
                <KnownChoiceField
                  label="Sensor B trims"
                  value={exhaust.steers.b}
                  options={bank}
                  onChange={(v) =>
                    doRun(
                      setExhaust(
                        { steers: { ...exhaust.steers, b: v as 'a' | 'b' | null } },
                        'bank of sensor B',
                        false,
                      ),
                    )
                  }
                />
              </Group>
              <Group title="Checked on the car">
                <ExhaustCautions job={job} where={['running']} />
                <p className="pb-1 leading-snug">
                  Warm, idling, loop open: unplug one injector of bank A. Reading A must go lean and reading B stay put.
                </p>
                <KnownChoiceField
                  label="What went lean"
                  value={exhaust.bankTest}
                  none="not checked"
                  options={[
                    ['own-went-lean', 'Reading A: right'],
                    ['other-went-lean', 'Reading B: crossed'],
                  ]}
                  onChange={(v) => proved(v as ExhaustSection['bankTest'])}
                />
              </Group>
            </>
          )}
        </>
      }
      picture={
        <>
          {c.runs.length > 0 && (
            <section aria-label="For this exhaust" className="mb-3">
              <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">
                For this exhaust: {WORDS[advice.count]?.toLowerCase()}
              </h2>
              <ul className="leading-snug">
                {[...advice.reasons, ...doubts].map((s, i) => (
                  <li key={i} className="py-0.5">
                    <SentenceText sentence={s} />
                  </li>
                ))}
              </ul>
            </section>
          )}
          {twoBanks && c.sensorCount === 2 ? (
            <BankDrawing job={job} />
          ) : (
            <p className="border border-ink bg-sheet p-6 text-center text-soft">
              {c.sensorCount === 0
                ? 'No sensor: nothing to cross.'
                : 'One sensor trims all injectors: nothing to cross. With two, banks, sensors and injector groups are drawn here.'}
            </p>
          )}
          <section aria-label="Recommended practice" className="mt-4">
            <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Recommended practice</h2>
            <dl className="leading-snug">
              {CASES.map(([when, what]) => (
                <div key={when} className="border-b border-hair/70 py-1">
                  <dt className="font-semibold">{when}</dt>
                  <dd>{what}</dd>
                </div>
              ))}
            </dl>
          </section>
        </>
      }
      judgement={<SheetJudgement sheet="banks" />}
    />
  )
}

import {
  adviceOf,
  bungsThatFit,
  formatQuantity,
  piecesDrilled,
  type BungPart,
  type ExhaustSection,
} from '@lochmoor/core'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { PartField } from '../../../fields/PartField.tsx'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { run as doRun, setExhaust, setSystem } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { useUnit } from '../../../store/preferences.ts'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { ExhaustCautions } from '../ExhaustCautions.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathText } from '../../../fields/PathText.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SensorField } from '../inputs/SensorField.tsx'
import { SensorPicker } from '../inputs/SensorPicker.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { ClampDrawing } from './ClampDrawing.tsx'
import { FittingSteps } from './FittingSteps.tsx'
import { TemplatePreview } from './TemplatePreview.tsx'

/** How the sensor gets into the pipe: weld or clamp, its boss, the template, the cable. */
export const FittingSheet = (props: SheetProps) => {
  const { job, catalogue, assessment, sensorIndex } = props
  const { c } = assessment
  const { exhaust } = job
  const bore = useUnit('bore')
  const advice = adviceOf(c, catalogue.bungs)
  const fits = new Set(bungsThatFit(c, catalogue.bungs).map((b) => b.id))
  const pipe = piecesDrilled(c).find((p) => p.index === sensorIndex) ?? piecesDrilled(c)[0]
  const describe = (b: BungPart) =>
    `${b.kind === 'clamp-on' ? 'clamp-on' : 'weld-in'}, ${formatQuantity(b.leastPipeM, bore)} to ${formatQuantity(b.mostPipeM, bore)}, hole ${formatQuantity(b.holeM, bore)}`
  return (
    <Columns
      names={['Decided', 'Picture', 'Assessment']}
      measured={
        <>
          <ExhaustCautions
            job={job}
            where={['drilling', ...(exhaust.joinBy === 'weld' ? (['welding'] as const) : [])]}
          />
          <SensorPicker {...props} />
          <Group title="Weld or clamp">
            <KnownChoiceField
              label="Who welds"
              value={job.system.welder}
              none="not asked"
              options={[
                ['self', 'I do'],
                ['shop', 'A shop'],
                ['none', 'Nobody'],
              ]}
              onChange={(v) => doRun(setSystem({ welder: v as typeof job.system.welder }, 'who welds', false))}
            />
            <KnownChoiceField
              label="Pipe material"
              value={exhaust.material}
              none="not looked at"
              options={[
                ['mild-steel', 'Mild steel'],
                ['stainless', 'Stainless'],
                ['aluminised', 'Aluminised steel'],
                ['cast', 'Cast iron'],
              ]}
              how="A magnet will not stick to most stainless; aluminised steel looks dull and even."
              onChange={(v) =>
                doRun(setExhaust({ material: v as ExhaustSection['material'] }, 'material of the pipe', false))
              }
            />
            <KnownChoiceField
              label="Sensor fitting"
              value={exhaust.joinBy}
              none="not decided"
              options={[
                ['weld', 'Welded in'],
                ['clamp', 'Clamped on'],
              ]}
              onChange={(v) => doRun(setExhaust({ joinBy: v as ExhaustSection['joinBy'] }, 'weld or clamp', false))}
            />
            <PartField
              label="Bung"
              value={exhaust.bung}
              parts={catalogue.bungs}
              describe={describe}
              refuse={(b) => (!pipe || fits.has(b.id) ? null : 'does not fit this pipe')}
              none="not chosen"
              onChange={(bung) => doRun(setExhaust({ bung }, 'boss', false))}
            />
          </Group>
          <SensorField {...props} />
          <Group title="On the bench and on the way">
            {job.walkAround.exhaust.comesApart === 'welded' && (
              <PathChoice job={job} path="exhaust.flanged" label="Made removable by flanges" none="not decided" />
            )}
            {exhaust.joinBy === 'clamp' && (
              <PathChoice
                job={job}
                path="exhaust.weldLater"
                none="not decided"
                onChosen={(v) =>
                  v === true &&
                  enterRecord(
                    { kind: 'for-now', text: 'Sensor bung clamped on', until: 'it is welded in', danger: false },
                    { of: 'exhaust.weldLater' },
                  )
                }
              />
            )}
            {(exhaust.weldLater === true || exhaust.joinBy === 'weld' || exhaust.trip !== null) && (
              <PathChoice job={job} path="exhaust.trip" none="no trip" />
            )}
            <PathChoice job={job} path="exhaust.coating" label="Coating or wrap goes on" none="not decided" />
            <PathChoice
              job={job}
              path="exhaust.benchBefore"
              label="Pressure test, before coating"
              none="not done"
              how="Both ends plugged, low pressure, soapy water on every weld. Low: a few kilopascals, never workshop air."
            />
            {exhaust.coating === 'after-holes' && (
              <PathChoice job={job} path="exhaust.benchAfter" label="Pressure test, after coating" none="not done" />
            )}
          </Group>
          <Group title="Cable and plug">
            <PathField job={job} path="exhaust.cablePathM" label="Length to the harness" />
            <PathField job={job} path="exhaust.cableGapM" label="Closest to the pipe" />
            <YesNoField
              label="Sensor type set first"
              value={exhaust.typeSet}
              how="The ECU heats each type differently. Set it first; free air must then show the lean end of the display."
              onChange={(typeSet) => doRun(setExhaust({ typeSet }, 'sensor type set', false))}
            />
            <PathChoice
              job={job}
              path="exhaust.lead"
              label="Leads"
              none="not looked at"
              how="From the sensor to its plug it may carry calibration; from the plug to the harness it is an extension."
            />
            <PathText job={job} path="exhaust.surplusAt" placeholder="where it is coiled and tied" />
          </Group>
        </>
      }
      picture={
        <>
          {advice && (
            <section aria-label="Weld or clamp" className="mb-3">
              <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">
                For this pipe: {advice.way === 'weld' ? 'weld' : advice.way === 'clamp' ? 'clamp' : 'neither'}
              </h2>
              <ul className="leading-snug">
                {advice.reasons.map((r, i) => (
                  <li key={i} className="py-0.5">
                    <SentenceText sentence={r} />
                  </li>
                ))}
              </ul>
            </section>
          )}
          {exhaust.bung && pipe && <ClampDrawing bung={exhaust.bung} pipeM={pipe.piece.outsideM} />}
          <TemplatePreview c={c} index={sensorIndex} />
          <FittingSteps job={job} />
        </>
      }
      judgement={<SheetJudgement sheet="fitting" />}
    />
  )
}

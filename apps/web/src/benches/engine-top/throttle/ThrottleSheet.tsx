import { fig } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { EngineTopSheetProps } from '../sheetProps.ts'
import { LinkageDrawing } from './LinkageDrawing.tsx'
import { LinkFields } from './LinkFields.tsx'
import { ProgressionChart } from './ProgressionChart.tsx'

const T = 'engineTop.throttle'
const KICKED = ['rod', 'cable', 'throttle-valve-cable']

/** From the pedal to the plate: linkage, springs, the gearbox's cable, the sensor's volts. */
export const ThrottleSheet = ({ job, assessment }: EngineTopSheetProps) => {
  const { c } = assessment
  const t = c.throttle
  const [pedal, setPedal] = useState(0)
  return (
    <Columns
      names={['Measured', 'Linkage', 'Assessment']}
      measured={
        <>
          <Group title="Pedal and plate">
            <PathField job={job} path={`${T}.padArmM`} />
            <PathField job={job} path={`${T}.pedalDeg`} />
            <PathField job={job} path={`${T}.slackM`} />
            <PathField job={job} path={`${T}.plateDeg`} />
          </Group>
          <LinkFields job={job} throttle={t} />
          <Group title="Return springs, at the plate’s shaft">
            <PathField job={job} path={`${T}.springs`} label="Return springs" />
            <PathField job={job} path={`${T}.springClosedNm`} label="Weaker one alone, closed" of="Return spring" />
            <PathField job={job} path={`${T}.springOpenNm`} label="Weaker one alone, open" of="Return spring" />
            <PathField job={job} path={`${T}.dragNm`} label="Drag, every spring off" of="Throttle" />
          </Group>
          <Group title="Gearbox cable or rod">
            <PathChoice job={job} path="walkAround.gearbox.kickdown" label="Kickdown" />
            {KICKED.includes(job.walkAround.gearbox.kickdown ?? '') && (
              <>
                <PathField job={job} path={`${T}.kickdown.armM`} label="Arm on the plate’s shaft" of="Gearbox cable" />
                <PathField job={job} path={`${T}.kickdown.restDeg`} label="Angle to its cable, closed" of="Gearbox cable" />
                <PathField job={job} path={`${T}.kickdown.closedM`} label="Pulled out, closed" of="Gearbox cable" />
                <PathField job={job} path={`${T}.kickdown.wantsClosedM`} label="Maker’s travel, closed" of="Gearbox cable" decided />
                <PathField job={job} path={`${T}.kickdown.wantsOpenM`} label="Maker’s travel, fully open" of="Gearbox cable" decided />
                <PathField job={job} path={`${T}.kickdown.toleranceM`} label="Maker’s tolerance" of="Gearbox cable" decided />
                {job.walkAround.gearbox.kickdown === 'throttle-valve-cable' && <PathChoice job={job} path={`${T}.kickdown.pressureProved`} label="Pressure proved by gauge" none="not done" />}
              </>
            )}
          </Group>
          <Group title="Throttle sensor">
            <PathField job={job} path={`${T}.closedV`} label="Volts, plate closed" of="Throttle sensor" />
            <PathField job={job} path={`${T}.openV`} label="Volts, plate fully open" of="Throttle sensor" />
          </Group>
        </>
      }
      picture={
        <>
          <Caution>
            Engine stopped. A throttle that does not close by itself from every position is not driven, not even round the yard.
          </Caution>
          {t.answer === null || t.solved === null ? (
            <p className="border border-ink bg-sheet p-5 text-center">
              {t.unreached === null ? `Not solved yet: ${t.missing.join(', ')}.` : `The rod of “${t.unreached}” does not reach both levers.`}
            </p>
          ) : (
            <>
              <LinkageDrawing throttle={t} pedal={pedal} onPedal={setPedal} />
              <ProgressionChart throttle={t} answer={t.answer} pedal={pedal} />
              <dl className="my-3 grid grid-cols-[1fr_auto] gap-x-4 border-y-2 border-ink py-1">
                <dt>Plate with the pedal on its stop</dt>
                <dd className="text-right font-bold"><FigureText figure={fig(t.answer.share, 'share', 0)} /></dd>
                <dt>Lost before the plate moves, at the pad</dt>
                <dd className="text-right font-bold"><FigureText figure={fig(t.slackM, 'bore', 0)} /></dd>
                <dt>Left at the pad when it is fully open</dt>
                <dd className="text-right font-bold">{t.answer.leftAtPadM === null ? 'never fully open' : <FigureText figure={fig(t.answer.leftAtPadM, 'bore', 0)} />}</dd>
                <dt>Open at half pedal</dt>
                <dd className="text-right font-bold"><FigureText figure={fig(t.answer.atHalf, 'share', 0)} /></dd>
                {t.padN && (
                  <>
                    <dt>At the pad at least, leaving the stop</dt>
                    <dd className="text-right font-bold"><FigureText figure={fig(t.padN[0], 'force', 0)} /></dd>
                  </>
                )}
              </dl>
            </>
          )}
        </>
      }
      judgement={<SheetJudgement sheet="throttle" />}
    />
  )
} // prettier-ignore

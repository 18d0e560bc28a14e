import { chosenSpots, fig, momentOf, runOf, USUAL_SENSOR, type Band } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { SensorField } from '../inputs/SensorField.tsx'
import { SensorPicker } from '../inputs/SensorPicker.tsx'
import { FuelOfSensor } from '../inputs/FuelOfSensor.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { HeatChart } from './HeatChart.tsx'
import { MomentTable } from './MomentTable.tsx'

const MOMENTS = ['idle', 'cruise', 'hard', 'full'] as const

/** Gas, wall and delay along the pipe and at the sensor, as bands with what they stand on. */
export const HeatSheet = (props: SheetProps) => {
  const { job, assessment, sensorIndex } = props
  const { c } = assessment
  const chosen = chosenSpots(c).find((s) => s.index === sensorIndex)
  const run = (chosen && runOf(c.runs, chosen.spot.run)) ?? c.runs.at(-1)
  const sensor = job.exhaust.sensor ?? USUAL_SENSOR
  const spotsM = chosen && run ? [chosen.spot.alongM] : []
  return (
    <Columns
      names={['Based on', 'Picture', 'Assessment']}
      measured={
        <>
          <SensorPicker {...props} />
          <SensorField {...props} />
          <FuelOfSensor job={job} />
          <Group title="Assumed values">
            <ul className="leading-snug">
              {MOMENTS.map((id) => {
                const m = momentOf(c, id)
                return (
                  <li key={id} className="border-b border-hair/70 py-1">
                    <span className="font-semibold">{m.label}</span>: ports{' '}
                    <Between band={m.portK} family="temperature" />, air outside{' '}
                    <Between band={m.outsideWM2K} family="heatFilm" /> without radiation, air drawn{' '}
                    <FigureText figure={fig(m.airKgS, 'massFlow')} />.
                  </li>
                )
              })}
            </ul>
            <p className="py-1 text-sm text-soft">
              Port temperatures and cooling by outside air are rules of thumb. Wrap and coating keep gas and wall
              hotter; set them piece by piece.
            </p>
          </Group>
        </>
      }
      picture={
        run ? (
          <>
            <HeatChart
              c={c}
              run={run}
              what="gasK"
              spotsM={spotsM}
              limits={[
                { si: sensor.mostGasK, says: 'sensor, continuous' },
                { si: sensor.mostGasShortK, says: 'sensor, short term' },
              ]}
            />
            <HeatChart
              c={c}
              run={run}
              what="wallK"
              spotsM={spotsM}
              limits={[{ si: sensor.mostHexagonK, says: 'housing limit' }]}
            />
            {chosen ? (
              <MomentTable c={c} spot={chosen.spot} name={chosen.name} />
            ) : (
              <p className="py-2">Choose a sensor position on tab “Position”: its figures are then listed here.</p>
            )}
          </>
        ) : (
          <p className="border border-ink bg-sheet p-6 text-center">
            Enter the exhaust on tab “Pipe” first: gas and wall temperature are worked out along it.
          </p>
        )
      }
      judgement={<SheetJudgement sheet="heat" />}
    />
  )
}

const Between = ({ band, family }: { band: Band; family: 'temperature' | 'heatFilm' }) => (
  <>
    <FigureText figure={fig(band.low, family)} /> to <FigureText figure={fig(band.high, family)} />
  </>
)

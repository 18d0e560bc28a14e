import {
  DATUM_WORDS,
  datumOf,
  ANGLE_LIMITS,
  ANGLE_SCHOOLS,
  contextOf,
  croppedGrid,
  DISTANCE_BANDS,
  DISTANCE_SCHOOLS,
  foundSpot,
  judgeSpot,
  runsForSensor,
  withSpot,
  type AngleSchool,
  type DistanceSchool,
  type RunId,
  type SensorSpot,
} from '@lochmoor/core'
import { useMemo, useState } from 'react'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { run as doRun, setExhaust } from '../../../store/commands.ts'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { WorkProgress } from '../../bench/background/WorkProgress.tsx'
import { useSpotWork } from '../background/useSpotWork.ts'
import { ExhaustCautions } from '../ExhaustCautions.tsx'
import { RunPicker } from '../inputs/RunPicker.tsx'
import { SensorPicker } from '../inputs/SensorPicker.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { BestSpots, SchoolsCompared } from './BestSpots.tsx'
import { FoundBungFields } from './FoundBungFields.tsx'
import { ObstacleEditor } from './ObstacleEditor.tsx'
import { PointReason } from './PointReason.tsx'
import { UnrolledPipe } from './UnrolledPipe.tsx'

const isSamePlace = (a: SensorSpot, b: SensorSpot): boolean =>
  a.run === b.run && a.alongM === b.alongM && a.clockDeg === b.clockDeg

/** Shown of a long pipe, unless more is asked for. */
const NEAR_M = 0.8

/** The pipe unrolled, every point judged: where the sensor may sit, and where best. */
export const SpotsSheet = (props: SheetProps) => {
  const { assessment } = props
  if (assessment.c.runs.length === 0)
    return (
      <Columns
        measured={<p className="text-soft">Positions are checked on the exhaust as measured.</p>}
        picture={
          <p className="border border-ink bg-sheet p-6 text-center">
            Enter the exhaust on tab “Pipe” first: it is unrolled here, point by point.
          </p>
        }
        judgement={<SheetJudgement sheet="spots" />}
      />
    )
  return <Unrolled key={props.sensorIndex} {...props} />
}

const Unrolled = (props: SheetProps) => {
  const { job, assessment, sensorIndex } = props
  const { c } = assessment
  const { exhaust } = job
  const spot = exhaust.spots[sensorIndex] ?? null
  const suited = runsForSensor(c, sensorIndex)
  const [asked, setAsked] = useState<RunId | null>(null)
  const runIds = c.runs.map((r) => r.id)
  const wanted = asked ?? spot?.run ?? suited[0] ?? 'a'
  const run = c.runs.find((r) => r.id === wanted) ?? c.runs[0]!
  const { state, shown, cancel } = useSpotWork(job, run.id)
  const datum = DATUM_WORDS[datumOf(run)]
  const [looked, setLooked] = useState<{ alongM: number; clockDeg: number } | null>(null)
  // Until somebody looks elsewhere: where the sensor sits, else the best there is.
  const cursor = looked ?? (spot?.run === run.id ? spot : (shown?.best[0] ?? { alongM: 0.18, clockDeg: 50 }))
  const [whole, setWhole] = useState(false)
  const nearM = Math.max(
    NEAR_M,
    DISTANCE_BANDS[exhaust.school].mostM + 0.2,
    spot?.run === run.id ? spot.alongM + 0.1 : 0,
  )
  const grid = useMemo(() => shown && (whole ? shown.grid : croppedGrid(shown.grid, nearM)), [shown, whole, nearM])
  const ctx = useMemo(() => contextOf(c, run.id), [c, run.id])
  const point = ctx && judgeSpot(ctx, cursor.alongM, cursor.clockDeg)
  const found = foundSpot(c)
  const takesIt = exhaust.spots.some((s) => found !== null && isSamePlace(s, found))
  const sensorName = c.sensorCount < 2 ? 'sensor' : sensorIndex === 0 ? 'sensor A' : 'sensor B'

  const put = (next: SensorSpot) => {
    doRun(setExhaust(withSpot(exhaust, sensorIndex, next), `position of ${sensorName}`))
    setLooked({ alongM: next.alongM, clockDeg: next.clockDeg })
  }
  const set = (alongM: number, clockDeg: number) => put({ run: run.id, alongM, clockDeg })
  const pickRun = (id: RunId) => {
    setAsked(id)
    setLooked(null)
  }
  return (
    <Columns
      measured={
        <>
          <ExhaustCautions job={job} where={['under-car']} />
          <SensorPicker {...props} />
          {c.sensorCount === 0 && (
            <p className="mb-2 leading-snug font-semibold">No sensor is planned: see tab “How many”.</p>
          )}
          <Group title={`Position of ${sensorName}`}>
            <QuantityField
              label={`After ${datum}`}
              path="exhaust.spots.a.alongM"
              value={spot?.alongM ?? null}
              onChange={(alongM) =>
                alongM !== null && put({ run: run.id, clockDeg: spot?.clockDeg ?? cursor.clockDeg, alongM })
              }
            />
            <QuantityField
              label="Clock position"
              path="exhaust.spots.a.clockDeg"
              value={spot?.clockDeg ?? null}
              onChange={(clockDeg) =>
                clockDeg !== null && put({ run: run.id, alongM: spot?.alongM ?? cursor.alongM, clockDeg })
              }
            />
          </Group>
          <Group title="Recommended practice">
            <ChoiceField
              label="Distance"
              value={exhaust.school}
              options={DISTANCE_SCHOOLS.map((s) => [s, DISTANCE_BANDS[s].name] as const)}
              onChange={(school: DistanceSchool) => doRun(setExhaust({ school }, 'recommended distance'))}
              how="Good practitioners differ on where to put it; the table below shows what each recommendation finds on this pipe. Rules of thumb."
            />
            <ChoiceField
              label="Angle"
              value={exhaust.angleSchool}
              options={ANGLE_SCHOOLS.map((s) => [s, ANGLE_LIMITS[s].name] as const)}
              onChange={(angleSchool: AngleSchool) => doRun(setExhaust({ angleSchool }, 'recommended angle'))}
              how="Some accept level; most want it to drain. Below level, water sits in the tip."
            />
          </Group>
          <FoundBungFields job={job} run={run.id} runs={c.runs} c={c} />
          <ObstacleEditor job={job} run={run.id} runs={c.runs} />
        </>
      }
      picture={
        <>
          <RunPicker name="Run of pipe shown" runs={runIds} value={run.id} onChange={pickRun} />
          {grid ? (
            <UnrolledPipe
              job={job}
              run={run}
              grid={grid}
              spots={[
                ...(found?.run === run.id && !takesIt ? [{ ...found, name: 'bung as found', mine: false }] : []),
                ...exhaust.spots
                  .slice(0, c.sensorCount)
                  .flatMap((s, i) =>
                    s.run === run.id
                      ? [{ ...s, name: c.sensorCount < 2 ? 'sensor' : i === 0 ? 'A' : 'B', mine: i === sensorIndex }]
                      : [],
                  ),
              ]}
              cursor={cursor}
              onCursor={(alongM, clockDeg) => setLooked({ alongM, clockDeg })}
              onSet={set}
            />
          ) : (
            <p className="border border-ink bg-sheet p-6 text-center text-soft">Checking every point of the pipe…</p>
          )}
          {shown && (
            <label className="mt-1 flex items-center gap-2">
              <input
                type="checkbox"
                checked={whole}
                onChange={(e) => setWhole(e.target.checked)}
                className="size-5 accent-accent"
              />
              Show the run to its end
            </label>
          )}
          <WorkProgress state={state} name="Unrolled pipe" onCancel={cancel} />
          {point && (
            <PointReason
              run={run}
              spot={point}
              sensorName={sensorName}
              here={spot?.run === run.id && spot.alongM === cursor.alongM && spot.clockDeg === cursor.clockDeg}
              onSet={() => set(cursor.alongM, cursor.clockDeg)}
            />
          )}
          {shown && (
            <>
              <BestSpots
                datum={datum}
                best={shown.best}
                sensorName={sensorName}
                isChosen={(s) =>
                  spot?.run === run.id &&
                  Math.abs(spot.alongM - s.alongM) < 1e-6 &&
                  Math.abs(spot.clockDeg - s.clockDeg) < 1e-6
                }
                onSet={(s) => put({ run: run.id, alongM: Number(s.alongM.toFixed(4)), clockDeg: s.clockDeg })}
              />
              <SchoolsCompared
                schools={shown.schools}
                chosen={exhaust.school}
                onSchool={(school) => doRun(setExhaust({ school }, 'recommended distance', false))}
              />
              <p className="mt-2 text-sm text-soft">
                {(shown.grid.columns * shown.grid.rows).toLocaleString('en')} points, every 5 mm and 2°, checked in{' '}
                {shown.gridMs.toFixed(0)} ms. No honest formula says how well the cylinders have mixed at a given
                distance: the distances are rules of thumb.
              </p>
            </>
          )}
        </>
      }
      judgement={<SheetJudgement sheet="spots" />}
    />
  )
}

import {
  USUAL_OBSTACLE_WIDTH_DEG,
  USUAL_OBSTACLE_LENGTH_M,
  DATUM_WORDS,
  datumOf,
  RUN_WORDS,
  emptyObstacle,
  isPlaced,
  type JobDocument,
  type Run,
  type RunId,
} from '@lochmoor/core'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run as doRun, setAt, setExhaust } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { ListEditor } from '../../bench/ListEditor.tsx'
import { PathField } from '../../../fields/PathField.tsx'

interface Props {
  readonly job: JobDocument
  readonly run: RunId
  readonly runs: readonly Run[]
}

/** What is near the pipe: where along it, where around it, how far off, and both ends of its travel. */
export const ObstacleEditor = ({ job, run, runs }: Props) => {
  const { obstacles } = job.exhaust
  const [asked, setIndex] = useState(0)
  const index = Math.min(asked, Math.max(0, obstacles.length - 1))
  const obstacle = obstacles[index]
  const near = runs.find((r) => r.id === obstacle?.run)
  const datum = near ? DATUM_WORDS[datumOf(near)] : DATUM_WORDS.merge
  const path = `exhaust.obstacles.${obstacle?.id}`
  const field = { job, ...(obstacle && { of: obstacle.name }) }
  const { steering } = job.walkAround.body
  const add = (called: string | null) => {
    const names = new Set(obstacles.map((o) => o.name))
    let name = called ?? 'Obstacle'
    for (let n = 2; names.has(name); n++) name = `Obstacle ${n}`
    doRun(
      setExhaust(
        {
          obstacles: [
            ...obstacles,
            { ...emptyObstacle(newId(), name, run), moves: called !== null, steering: called !== null },
          ],
        },
        'new obstacle',
        false,
      ),
    )
    setIndex(obstacles.length)
  }
  const yesNo = (of: 'steering' | 'moves', label: string, yes: string) => (
    <ChoiceField
      label={label}
      value={obstacle?.[of] ? 'yes' : 'no'}
      options={[
        ['no', 'No'],
        ['yes', yes],
      ]}
      onChange={(v) => doRun(setAt(`${path}.${of}`, v === 'yes', `${obstacle?.name}: ${label.toLowerCase()}`))}
    />
  )
  return (
    <fieldset className="mb-4">
      <legend className="mb-1 w-full border-b-2 border-ink pb-0.5 font-extrabold">Obstacles</legend>
      {obstacles.length === 0 && (
        <p className="pb-1 leading-snug text-soft">
          Frame, floor, bell housing, linkage, steering, ground: anything within a hand’s breadth of the pipe, with the
          car on its wheels.
        </p>
      )}
      <ListEditor
        name="Obstacles"
        items={obstacles}
        index={index}
        fixedOrder
        nameOf={(o) => o.name}
        noteOf={(o) => (isPlaced(o) ? (o.moves ? 'moves' : '') : 'not measured')}
        onIndex={setIndex}
        onItems={(next, label, at) => {
          doRun(setExhaust({ obstacles: next }, label, false))
          setIndex(at)
        }}
        add={
          <>
            <Button onClick={() => add(null)}>
              <Plus size={16} aria-hidden /> Add an obstacle
            </Button>
            {steering !== null && !obstacles.some((o) => o.steering) && (
              <Button onClick={() => add('Steering')}>
                <Plus size={16} aria-hidden /> Add the steering, on the {steering}
              </Button>
            )}
          </>
        }
      />
      {obstacle && (
        <div key={obstacle.id}>
          <NameEntry
            name={obstacle.name}
            what="An obstacle"
            onChange={(name) => doRun(setAt(`${path}.name`, name, 'name of an obstacle'))}
          />
          {runs.length > 1 && (
            <ChoiceField
              label="Near"
              value={obstacle.run}
              options={runs.map((r) => [r.id, RUN_WORDS[r.id]] as const)}
              onChange={(v: RunId) => doRun(setAt(`${path}.run`, v, `${obstacle.name}: run of pipe`))}
            />
          )}
          <PathField {...field} path={`${path}.alongM`} label={`Centre, after ${datum}`} />
          <PathField
            {...field}
            path={`${path}.lengthM`}
            label="Length along the pipe"
            assumed={USUAL_OBSTACLE_LENGTH_M}
          />
          <PathField {...field} path={`${path}.clockDeg`} label="Centre, clock position" />
          <PathField
            {...field}
            path={`${path}.widthDeg`}
            label="Width around the pipe"
            assumed={USUAL_OBSTACLE_WIDTH_DEG}
          />
          <PathField {...field} path={`${path}.gapM`} label="Gap to the pipe" />
          {yesNo('steering', 'It is the steering', 'Yes')}
          {yesNo('moves', 'Moves in use', 'Yes: measure both ends')}
          {obstacle.moves && (
            <>
              <PathField
                {...field}
                path={`${path}.otherAlongM`}
                label={`Other end: after ${datum}`}
                assumed={obstacle.alongM ?? undefined}
                assumedWord="same as the first"
              />
              <PathField
                {...field}
                path={`${path}.otherClockDeg`}
                label="Other end: clock position"
                assumed={obstacle.clockDeg ?? undefined}
                assumedWord="same as the first"
              />
              <PathField
                {...field}
                path={`${path}.otherGapM`}
                label="Other end: gap to the pipe"
                assumed={obstacle.gapM ?? undefined}
                assumedWord="same as the first"
              />
            </>
          )}
        </div>
      )}
    </fieldset>
  )
}

import { pumpInTank, type FuelSection, type JobDocument, type Catalogue } from '@lochmoor/core'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { FigureField } from '../inputs/FigureField.tsx'
import { Group } from '../../bench/Group.tsx'
import { LineInputs } from '../inputs/LineInputs.tsx'

interface Props {
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly assumed: (field: string) => number | undefined
}

type Tank = FuelSection['tank']
/** What is measured at the tank. */
export const TankInputs = ({ job, catalogue, assumed }: Props) => {
  const { tank } = job.fuel
  const field = { job, assumed }
  const set = (change: Partial<Tank>, label: string) => run(setFuel({ tank: { ...tank, ...change } }, label, false))
  return (
    <>
      {pumpInTank(job) && (
        <Group title="Pump in the tank">
          <FigureField
            {...field}
            field="walkAround.tank.depthM"
            label="Depth, floor to top inside"
            how="A rod through the sender hole, at the place of the new hole."
          />
          <FigureField
            {...field}
            field="walkAround.tank.gapAboveM"
            label="Gap above, to the floor"
            how="Balls of clay on the tank, the tank lifted to its place and let down again: measure the clay."
          />
          <FigureField
            {...field}
            field="fuel.tank.hangerM"
            label="Hanger under the hat"
            assumedWord="by its sheet or assumed"
          />
          <FigureField
            {...field}
            field="fuel.tank.mostHangerM"
            label="Drawn out at most"
            how="For hangers that telescope. Empty: it cannot be drawn out."
          />
          <FigureField {...field} field="fuel.tank.floorClearanceM" label="Sock to the tank’s floor" decided />
          <FigureField
            {...field}
            field="fuel.tank.hatHeightM"
            label="Hat above the tank"
            assumedWord="by its sheet or assumed"
          />
          <FigureField
            {...field}
            field="fuel.tank.fittingHeightM"
            label="Fittings above the hat"
            how="To the highest edge of the ends on their spigots."
          />
          <FigureField
            {...field}
            field="fuel.tank.bendRadiusM"
            label="Bend above the fittings"
            how="Radius of the hose that goes up and over. Nothing where it leaves sideways."
          />
          <FigureField
            {...field}
            field="fuel.tank.tiltDeg"
            label="Tilt while it is lifted"
            how="One edge in its straps first: by how much the tank then hangs askew. Empty: 15°, rule of thumb."
            decided
          />
          <FigureField {...field} field="fuel.tank.hingeToHatM" label="That edge to the hat’s far side" />
          <FigureField {...field} field="fuel.tank.swingRoomM" label="Hat to the nearest rib, sideways" />
        </Group>
      )}
      <Group title="Pick-up and floor">
        <FigureField {...field} field="fuel.tank.floorLengthM" label="Floor, along the car" />
        <FigureField {...field} field="fuel.tank.floorWidthM" label="Floor, across the car" />
        <FigureField {...field} field="fuel.tank.fromFrontM" label="Pick-up from the front wall" />
        <FigureField {...field} field="fuel.tank.fromLeftM" label="Pick-up from the left wall" />
        <FigureField {...field} field="fuel.tank.pickUpHeightM" label="Depth the pick-up needs" />
        <FigureField {...field} field="fuel.tank.lowM3" label="Fuel at which it must still run" decided />
        <FigureField
          {...field}
          field="fuel.tank.potM3"
          label="Pot or baffle box around it"
          how="Its inside, up to the hole that fills it."
        />
        <FigureField
          {...field}
          field="fuel.tank.lowerM"
          label="Tank let down with the hoses on"
          how="How far it must come down before a hand reaches the ends: so much slack the hoses get."
          decided
        />
      </Group>
      <Group title="Vent">
        <YesNoField
          label="Roll-over valve"
          value={tank.rollOverValve}
          onChange={(rollOverValve) => set({ rollOverValve }, 'roll-over valve')}
        />
        <YesNoField
          label="Loop above the filler"
          value={tank.ventLoop}
          onChange={(ventLoop) => set({ ventLoop }, 'loop of the vent')}
        />
        <KnownChoiceField
          label="It ends"
          value={tank.ventEnds}
          options={[
            ['outside-down', 'Outside, downwards'],
            ['inside', 'Inside the car'],
            ['canister', 'In a charcoal canister'],
          ]}
          none="not looked at"
          onChange={(v) => set({ ventEnds: v as Tank['ventEnds'] }, 'end of the vent')}
        />
      </Group>
      <LineInputs job={job} catalogue={catalogue} assumed={assumed} which="vent" />
      <Group title="Sender and gauge">
        <FigureField
          {...field}
          field="fuel.tank.senderEmptyOhm"
          label="Sender, empty"
          how="An ohmmeter on the sender, its arm down."
        />
        <FigureField {...field} field="fuel.tank.senderFullOhm" label="Sender, full" />
        <FigureField
          {...field}
          field="fuel.tank.gaugeEmptyOhm"
          label="Gauge wants, empty"
          how="A decade box in place of the sender: what makes the needle stand at empty."
        />
        <FigureField {...field} field="fuel.tank.gaugeFullOhm" label="Gauge wants, full" />
      </Group>
    </>
  )
}

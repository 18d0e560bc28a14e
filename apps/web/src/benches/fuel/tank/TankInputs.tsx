import { describePath, pumpInTank, type FuelSection, type JobDocument, type Catalogue } from '@lochmoor/core'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { enterRecord } from '../../../store/records.ts'
import { run, setAt, setFuel } from '../../../store/commands.ts'
import { PathField } from '../../../fields/PathField.tsx'
import { Group } from '../../bench/Group.tsx'
import { LineInputs } from '../inputs/LineInputs.tsx'

interface Props {
  readonly job: JobDocument
  readonly catalogue: Catalogue
}

/** The pump heard at key-on, on record; until then the tank is not strapped up. */
const PumpHeard = ({ job }: { job: JobDocument }) => {
  const { pumpHeard, strappedUp } = job.fuel.tank
  const words = describePath('fuel.tank.pumpHeard').words ?? {}
  const heard = pumpHeard === 'hums' || pumpHeard === 'loud'
  return (
    <>
      <KnownChoiceField
        label="Pump at key-on, tank still down"
        value={pumpHeard}
        none="not heard yet"
        options={Object.entries(words).map(([w, said]) => [w, `${said[0]!.toUpperCase()}${said.slice(1)}`] as const)}
        how="Key on, an ear at the tank: it hums for the prime and stops."
        onChange={(v) => {
          run(setAt('fuel.tank.pumpHeard', v, 'pump at key-on'))
          if (v !== null)
            enterRecord(
              { kind: 'measurement', quantity: 'Pump at key-on, tank still down', si: null, family: null, text: words[v]!, field: 'fuel.tank.pumpHeard', place: 'at the tank', condition: 'key on, engine off', instrument: 'by ear' },
              { of: 'fuel.tank.pumpHeard' },
            )
        }}
      />
      {heard || strappedUp !== null ? (
        <PathChoice job={job} path="fuel.tank.strappedUp" none="not yet" />
      ) : (
        <p className="py-1 leading-snug text-soft">The tank is strapped up once the pump was heard.</p>
      )}
    </>
  )
} // prettier-ignore

type Tank = FuelSection['tank']
/** What is measured at the tank. */
export const TankInputs = ({ job, catalogue }: Props) => {
  const { tank } = job.fuel
  const set = (change: Partial<Tank>, label: string) => run(setFuel({ tank: { ...tank, ...change } }, label, false))
  return (
    <>
      {pumpInTank(job) && (
        <Group title="Pump in the tank">
          <PathField job={job} path="walkAround.tank.depthM" label="Depth inside, floor to top" />
          <PathField job={job} path="walkAround.tank.gapAboveM" />
          <PathField job={job} path="fuel.tank.hangerM" />
          <PathField job={job} path="fuel.tank.mostHangerM" label="Maximum extension" />
          <PathField job={job} path="fuel.tank.floorClearanceM" decided />
          <PathField job={job} path="fuel.tank.hatHeightM" />
          <PathField job={job} path="fuel.tank.fittingHeightM" />
          <PathField job={job} path="fuel.tank.bendRadiusM" />
          <PathField job={job} path="fuel.tank.tiltDeg" decided />
          <PathField job={job} path="fuel.tank.hingeToHatM" />
          <PathField job={job} path="fuel.tank.swingRoomM" />
        </Group>
      )}
      <Group title="Pick-up and floor">
        <PathField job={job} path="fuel.tank.floorLengthM" label="Floor length (along the car)" />
        <PathField job={job} path="fuel.tank.floorWidthM" label="Floor width (across the car)" />
        <PathField job={job} path="fuel.tank.fromFrontM" />
        <PathField job={job} path="fuel.tank.fromLeftM" />
        <PathField job={job} path="fuel.tank.pickUpHeightM" />
        <PathField job={job} path="fuel.tank.lowM3" decided />
        <PathField job={job} path="fuel.tank.potM3" label="Swirl pot or baffle box" />
        <PathField job={job} path="fuel.tank.lowerM" decided />
      </Group>
      <Group title="Vent">
        <YesNoField
          label="Roll-over valve"
          value={tank.rollOverValve}
          onChange={(rollOverValve) => set({ rollOverValve }, 'roll-over valve')}
        />
        <YesNoField
          label="Loop above the filler neck"
          value={tank.ventLoop}
          onChange={(ventLoop) => set({ ventLoop }, 'loop of the vent')}
        />
        <KnownChoiceField
          label="Vent outlet"
          value={tank.ventEnds}
          options={[
            ['outside-down', 'Outside, pointing down'],
            ['inside', 'Inside the car'],
            ['canister', 'To a charcoal canister'],
          ]}
          none="not looked at"
          onChange={(v) => set({ ventEnds: v as Tank['ventEnds'] }, 'vent outlet')}
        />
      </Group>
      <LineInputs job={job} catalogue={catalogue} which="vent" />
      <Group title="Sender and gauge">
        <PathField job={job} path="fuel.tank.senderEmptyOhm" />
        <PathField job={job} path="fuel.tank.senderFullOhm" />
        <PathField job={job} path="fuel.tank.gaugeEmptyOhm" />
        <PathField job={job} path="fuel.tank.gaugeFullOhm" />
        {pumpInTank(job) && (
          <PathChoice
            job={job}
            path="fuel.tank.senderEarth"
            label="Earth at the new plate"
            none="not decided"
            how="A plate on gasket and sealant insulates the sender from the car."
          />
        )}
      </Group>
      {pumpInTank(job) && (
        <Group title="Before it is strapped up">
          <PathChoice
            job={job}
            path="fuel.tank.hatch"
            label="Hatch in the floor above"
            none="not decided"
            onChosen={(v) =>
              v === 'made' &&
              enterRecord(
                { kind: 'altered', text: 'Hatch cut in the floor above the fuel pump', where: 'floor above the tank' },
                { of: 'fuel.tank.hatch' },
              )
            }
            how="Tank out of the car before anything is cut; edge bound, cover raised and sealed vapour-tight."
          />
          <PumpHeard job={job} />
        </Group>
      )}
    </>
  )
}

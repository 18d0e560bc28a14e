import type { JobDocument } from '@lochmoor/core'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { Group } from '../../bench/Group.tsx'

/** How the conversion is fed and earthed. */
export const DesignFields = ({ job }: { job: JobDocument }) => {
  const choice = (field: string, label: string, how: string, none?: string) => (
    <PathChoice job={job} path={`power.design.${field}`} label={label} how={how} {...(none && { none })} />
  )
  return (
    <Group title="Feeds and earths">
      {choice('ecuFeed', 'ECU constant feed', 'Straight to the battery terminals, alone, fused at the battery: the battery is the buffer between consumers.')}
      {choice('ecuEarth', 'ECU power earth', 'Recommended practice differs: battery terminal, block or head. Compared by earth lift while cranking. Sensor earth goes to the ECU only.')}
      {choice('keyedFeed', 'ECU keyed feed', 'It must hold in run and in start. Where no old wire does, a relay with its coil from both through two diodes.')}
      {choice('pumpFeed', 'Pump feed', 'From the battery, fused there.')}
      {choice('pumpEarth', 'Pump earth', 'A wire of its own, to clean metal or back to the battery.')}
      {choice('relays', 'Relays', 'One each: the ECU drops the pump when the engine stalls.')}
      {choice('fan', 'Electric fan', 'On a relay of its own, not on the old switch.', 'as found')}
      {choice('heaterFeed', 'Sensor heater', 'Live with the key only.')}
      {choice('gaugesFeed', 'Added gauges', 'On a branch of their own.')}
      {choice('pickUpFeed', 'Pick-ups', 'Never from the branch that feeds coils or injectors.')}
      {choice('jumpPosts', 'Jump posts', 'Positive and negative at the engine where the battery is elsewhere.')}
    </Group>
  )
} // prettier-ignore

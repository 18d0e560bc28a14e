import { circuitsOfJob, devicesOfJob, planOfJob, headOf, STATION_HEADS, type JobDocument } from '@lochmoor/core'

/** What somebody or something is called that a document only names by its id; null where nobody knows any more. */
export type NameOf = (id: string, path: string) => string | null

export const noNames: NameOf = () => null

/** Places of the document that hold ids, by their last name, with what is said where the one meant is gone. */
const IDS: Readonly<Record<string, string>> = {
  at: 'a place no longer there',
  from: 'a place no longer there',
  to: 'a place no longer there',
  place: 'a place no longer there',
  way: 'a corridor no longer there',
  corridor: 'a corridor no longer there',
  circuit: 'a wire no longer there',
  device: 'a device no longer there',
  alsoFits: 'a device no longer there',
  portId: 'a port no longer there',
  consumerId: 'a consumer no longer there',
  placeId: 'a port no longer there',
}

/** Whether a place of the document holds ids of its own, and what is said of one that is gone. */
export const goneAt = (path: string): string | null =>
  path === 'work.personId'
    ? 'somebody who has left'
    : path.startsWith('harness.') || path.startsWith('engineTop.')
      ? (IDS[path.split('.').at(-1)!] ?? null)
      : null

/** The names of what a job refers to: people of the workshop, stations, places, corridors, devices, wires, ports and what hangs on them. */
export const namesInJob = (
  job: JobDocument | null,
  people: readonly { readonly id: string; readonly name: string }[],
): NameOf => {
  const named = new Map<string, string>()
  const plan = job && planOfJob(job)
  for (const { id, name } of [
    ...people,
    ...(plan ? [...plan.places, ...plan.corridors, ...plan.candidates] : []),
    ...(job ? [...devicesOfJob(job), ...circuitsOfJob(job).list, ...job.harness.devices, ...job.harness.circuits] : []),
    ...(job
      ? [...job.engineTop.vacuum.ports, ...job.engineTop.vacuum.consumers, ...job.engineTop.sensors.coolant.places]
      : []),
  ])
    if (name !== '') named.set(id, name)
  return (id, path) =>
    path === 'work.built'
      ? STATION_HEADS.some((s) => s.id === id)
        ? headOf(id as (typeof STATION_HEADS)[number]['id']).title
        : id
      : (named.get(id) ?? null)
}

import { WORKS_IN, type ConditionId, type DeviceId, type SolvedCar } from '@lochmoor/core'

/** Devices that should work in a condition and have too little, too much or nothing. */
export const badDevices = (solved: SolvedCar, condition: ConditionId): ReadonlySet<string> => {
  const { starved, overVolted, collapsed, parts } = solved.at[condition]
  const works = (id: string) => WORKS_IN[id as DeviceId]?.includes(condition) === true
  const dead = Object.keys(WORKS_IN).filter((id) => {
    const f = parts[id] as { voltageV: number } | undefined
    return f !== undefined && works(id) && Math.abs(f.voltageV) < 3
  })
  return new Set([...starved, ...overVolted, ...collapsed, ...dead].filter(works))
}

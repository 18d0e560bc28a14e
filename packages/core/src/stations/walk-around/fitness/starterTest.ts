import { TEST_ENTRIES } from '../../../meaning/index.ts'
import { fig, say, type Figure } from '../../../verdict/index.ts'
import { CRANKING } from './testCautions.ts'
import { volts } from './limits.ts'
import type { Finding, FitnessTest } from './fitnessTypes.ts'

/** A warm engine in health turns faster than the first; below the second no controller counts its teeth safely. */
const GOOD_RPM = 150
const SLOW_RPM = 100
/** What a starter of 1 to 1.4 kW draws at most while it turns an engine in health: beyond it something drags. */
const MOST_A = 250
/** Below it, with the engine slow, the current does not get there. */
const LITTLE_A = 150

const rpm = (si: number): Figure => fig(si, 'engineSpeed', 0)
const amps = (si: number): Figure => fig(si, 'current', 0)

const slow = (turns: number, drawnA: number, postV: number | null): Finding => {
  const state = turns < SLOW_RPM ? 'repair' : 'watch'
  const figure = rpm(turns)
  if (drawnA > MOST_A)
    return {
      state,
      figure,
      reason: say`Slow at ${rpm(turns)} with ${amps(drawnA)}: the current gets there but does not turn into speed. Starter, a tight engine, or oil too thick.`,
      repair: 'Repair the starter, or whatever makes the engine hard to turn',
    }
  if (drawnA < LITTLE_A)
    return {
      state,
      figure,
      reason: say`Slow at ${rpm(turns)} with only ${amps(drawnA)}: the current does not get there. ${postV === null ? 'Battery, cables or joints: voltage at the battery terminals while cranking shows which.' : postV < 9.6 ? say`Battery terminals drop to ${volts(postV)}: the battery.` : say`Battery terminals hold ${volts(postV)}: cables, joints or the starter’s brushes.`}`,
      repair:
        postV === null
          ? 'Check battery, cables and joints'
          : postV < 9.6
            ? 'Replace the battery'
            : 'Repair cables, joints or brushes',
    }
  return {
    state,
    figure,
    reason: say`Slow at ${rpm(turns)} with ${amps(drawnA)}: a normal current, so neither is cleared. Check battery and voltage drops first, then the starter on the bench.`,
    repair: 'Check battery and voltage drops, then the starter on the bench',
  }
}

/** Speed and current of the starter, judged together: one alone clears neither starter nor battery. */
export const STARTER: FitnessTest = {
  id: 'starter',
  title: 'Starter against battery',
  entries: TEST_ENTRIES['starter'],
  limit: say`at least ${rpm(GOOD_RPM)}, at most ${amps(MOST_A)}`,
  how: 'DC clamp meter round the live battery cable; speed from the pulley mark counted on a video. Engine warm, coil disconnected, five seconds.',
  minutes: 10,
  cautions: [CRANKING, 'The clamp goes round the cable: nothing comes off the battery.'],
  because:
    'A dragging starter pulls voltage down in the very second the ECU wakes up, and a new battery does not fix it.',
  repair: 'Repair battery, cables or starter',
  source: 'rule of thumb: 1 to 1.4 kW starters draw 150 to 250 A while turning',
  find: ({ walkAround: { tests } }): Finding | null => {
    const { crankingA, crankingRpm, crankingPostV } = tests
    if (crankingA === null || crankingRpm === null) return null
    if (crankingRpm < GOOD_RPM) return slow(crankingRpm, crankingA, crankingPostV)
    return crankingA > MOST_A
      ? {
          state: 'watch',
          figure: amps(crankingA),
          reason: say`${rpm(crankingRpm)}, but with ${amps(crankingA)}: it turns well but draws a lot. A strong battery covers it; check again when it is cold.`,
        }
      : {
          state: 'fit',
          figure: rpm(crankingRpm),
          reason: say`${rpm(crankingRpm)} with ${amps(crankingA)}: starter and battery are fine.`,
        }
  },
}

// @ts-check
import { spawnSync } from 'node:child_process'
import { inRoot } from './paths.mjs'

const circuit = {
  fluid: { densityKgM3: 745, kinematicViscosityM2S: 6e-7 },
  strainer: null,
  pump: {
    curve: [
      { pressurePa: 0, flowM3S: 6e-5 },
      { pressurePa: 5e5, flowM3S: 3.5e-5 },
    ],
  },
  filter: null,
  feed: { boreM: 0.0079, lengthM: 4, roughnessM: 1.5e-6, minorK: 4, riseM: 0.4 },
  return: null,
  demandM3S: 1e-5,
  regulator: { type: 'return', setPressurePa: 3e5, fullOpen: null },
}

describe('./lochmoor calc', () => {
  it('whoever has read enough of a long answer may close the pipe: no stack, no fault', () => {
    // Far more than a pipe holds, so that the rest of it is refused.
    const input = JSON.stringify(Array.from({ length: 2000 }, () => circuit))
    const { status, stdout, stderr } = spawnSync(
      'bash',
      ['-c', 'set -o pipefail; ./lochmoor calc fuel-circuit | head -c 20'],
      {
        cwd: inRoot(),
        input,
        encoding: 'utf8',
      },
    )
    expect([status, stderr, stdout.length]).toEqual([0, '', 20])
  })
})

// Without a record of earlier runs Jest begins with the largest files, and at the end one worker waits for the other:
// what takes long is known here, and comes first.
const Sequencer = require('@jest/test-sequencer').default

/** Ends of paths, slowest first. */
const SLOW = [
  'waiting.model.test.ts',
  'assessor.laws.test.ts',
  'exhaust.laws.test.ts',
  'hostile.test.ts',
  'derived.laws.test.ts',
  'sheets.test.tsx',
  'crankOdds.test.ts',
  'walkAround.laws.test.ts',
  'FuelBench.test.tsx',
  'ExhaustBench.test.tsx',
  'power.test.ts',
  'choose.test.ts',
  'WalkAroundBench.test.tsx',
]
const rank = (path) => {
  const at = SLOW.findIndex((end) => path.endsWith(`/${end}`))
  return at === -1 ? SLOW.length : at
}

module.exports = class extends Sequencer {
  sort(tests) {
    return super.sort(tests).sort((a, b) => rank(a.path) - rank(b.path))
  }
}

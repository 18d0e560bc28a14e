import { spawnSync } from 'node:child_process'
import { inRoot } from './paths.mjs'

describe('./lochmoor bench', () => {
  it('goes through everything it measures to the end', () => {
    const { status, stdout, stderr } = spawnSync(inRoot('lochmoor'), ['bench', '--quick'], { encoding: 'utf8' })
    expect([status, stderr, stdout]).toEqual([0, expect.any(String), expect.any(String)])
    for (const part of [
      'one fuel circuit',
      'by a published network solver',
      'combinations over',
      'whole job of',
      'book of a job',
      'sheets at once, all done in',
      'address to picture',
      'a job opened, answers a second',
      'by a bare handler',
      'key to paint',
      'a line that it opens',
    ])
      expect(stdout).toContain(part)
    expect(stdout).not.toMatch(/NaN|undefined/)
  })

  it('refuses what is no option', () => {
    const { status, stderr } = spawnSync(inRoot('lochmoor'), ['bench', '--fast'], { encoding: 'utf8' })
    expect([status, stderr]).toEqual([
      1,
      'lochmoor: "--fast" is not an option; bench takes --quick and names of parts.\n',
    ])
  })
})

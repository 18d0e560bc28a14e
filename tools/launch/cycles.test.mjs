import { readdirSync, readFileSync, statSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { inRoot, ROOT } from './paths.mjs'

/** @param {string} folder @returns {string[]} */
const sources = (folder) =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) return name === 'test' ? [] : sources(path)
    return /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name) ? [path] : []
  })

/** The first circle of imports that a walk meets, as a path; null where there is none. @param {Map<string, string[]>} imports */
const circleOf = (imports) => {
  const done = new Set()
  /** @param {string} file @param {string[]} trail @returns {string[] | null} */
  const walk = (file, trail) => {
    if (trail.includes(file)) return [...trail.slice(trail.indexOf(file)), file]
    if (done.has(file)) return null
    for (const next of imports.get(file) ?? []) {
      const circle = walk(next, [...trail, file])
      if (circle) return circle
    }
    done.add(file)
    return null
  }
  for (const file of imports.keys()) {
    const circle = walk(file, [])
    if (circle) return circle.map((f) => relative(ROOT, f))
  }
  return null
}

/** @param {string} folder */
const importsOf = (folder) =>
  new Map(
    sources(folder).map((file) => [
      file,
      [...readFileSync(file, 'utf8').matchAll(/from '(\.[^']+)'/g)].map((m) => join(dirname(file), m[1] ?? '')),
    ]),
  )

describe('imports', () => {
  it.each(['packages/core/src', 'packages/contract/src', 'apps/web/src', 'apps/cli/src'])(
    'make no circle in %s, not even of types',
    (folder) => expect(circleOf(importsOf(inRoot(folder)))).toBeNull(),
  )
  it('a planted circle is found', () =>
    expect(
      circleOf(
        new Map([
          ['a', ['b']],
          ['b', ['c']],
          ['c', ['b']],
        ]),
      )?.length,
    ).toBe(3))
})

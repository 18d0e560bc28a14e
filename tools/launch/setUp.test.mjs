import { existsSync, readdirSync } from 'node:fs'
import { inRoot } from './paths.mjs'
import { buildEnvironment } from './setUp.mjs'

describe('what the set-up builds', () => {
  const was = process.env['NODE_ENV']
  afterEach(() => {
    process.env['NODE_ENV'] = was
  })
  it.each(['test', 'development', ''])('is what people use, also where the shell says "%s"', (said) => {
    process.env['NODE_ENV'] = said
    expect(buildEnvironment()).toMatchObject({ NODE_ENV: 'production', PATH: process.env['PATH'] })
  })
  it('holds nothing of the library that is only for its own developers', () => {
    const assets = inRoot('apps/web/dist/assets')
    const scripts = existsSync(assets) ? readdirSync(assets) : []
    expect(scripts.filter((f) => f.startsWith('jsx-dev-runtime'))).toEqual([])
  })
})

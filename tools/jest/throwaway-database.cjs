// Starts the tests' own MariaDB once for the server project, and sees to it that what runs in threads of its own is built.
const { spawn } = require('node:child_process')
const { join } = require('node:path')

module.exports = async () => {
  const { buildNode } = await import('../launch/setUp.mjs')
  await buildNode((line) => process.stderr.write(`${line}\n`))
  const child = spawn(process.execPath, [join(__dirname, '../launch/throwawayDatabase.mjs')], {
    stdio: ['pipe', 'pipe', 'inherit'],
  })
  const line = await new Promise((resolve, reject) => {
    child.stdout.once('data', resolve)
    child.once('close', (code) =>
      reject(new Error(`the tests' database ended with ${code}; run ./lochmoor test, which installs it`)),
    )
  })
  process.env.LOCHMOOR_TEST_DATABASE_URL = JSON.parse(String(line)).url
  globalThis.lochmoorThrowawayDatabase = child
}

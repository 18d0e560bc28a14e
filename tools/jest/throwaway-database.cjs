// Starts the tests' own MariaDB once for the server project.
const { spawn } = require('node:child_process')
const { join } = require('node:path')

module.exports = async () => {
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

import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'

const SCRIPT = fileURLToPath(new URL('../tools/launch/testServer.mjs', import.meta.url))

/** One built application on a throwaway database for all browser tests; ends with them. */
export default async function startApplication(): Promise<() => Promise<void>> {
  const child = spawn(process.execPath, [SCRIPT], { stdio: ['pipe', 'pipe', 'inherit'] })
  const ended = new Promise<void>((resolve) => child.once('close', () => resolve()))
  const line = await new Promise<string>((resolve, reject) => {
    child.stdout.once('data', (d) => resolve(String(d)))
    child.once('close', (code) => reject(new Error(`the application ended with ${code} before it was up`)))
  })
  process.env['LOCHMOOR_E2E_ADDRESS'] = (JSON.parse(line) as { address: string }).address
  return async () => {
    child.stdin.end()
    await ended
  }
}

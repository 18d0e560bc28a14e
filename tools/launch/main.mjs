// @ts-check
import { stopAsked, stopOnSignals } from './children.mjs'
import { Sorry } from './sorry.mjs'

const HELP = `Lochmoor: planner and calculator for fuel injection conversions

  ./lochmoor demo [--fresh] [--port N]   set up, start database and application with demo data, print the address
  ./lochmoor test                        set up, check and test everything
  ./lochmoor start [--port N]            start the application on the MariaDB named in DATABASE_URL
  ./lochmoor backup FILE                 everything of the demo, or of DATABASE_URL, into one file; also while it runs
  ./lochmoor restore FILE                a backup into an empty database
  ./lochmoor calc [NAME] [--schema]      a calculator: JSON cases on standard input, results on standard output
  ./lochmoor bench [--quick] [part…]     measure speed; quick: only go through it
`

/** @type {Record<string, () => Promise<(args: string[]) => Promise<number>>>} */
const COMMANDS = {
  demo: async () => (await import('./demo.mjs')).demo,
  start: async () => (await import('./demo.mjs')).startOnly,
  backup: async () => (await import('./backup.mjs')).backupCommand,
  restore: async () => (await import('./backup.mjs')).restoreCommand,
  test: async () => (await import('./test.mjs')).test,
  calc: async () => (await import('./calc.mjs')).calc,
  bench: async () => (await import('./bench.mjs')).bench,
}

const [name = 'help', ...args] = process.argv.slice(2)
const command = COMMANDS[name]
if (!command) {
  const help = ['help', '--help', '-h'].includes(name)
  if (help) process.stdout.write(HELP)
  else process.stderr.write(`lochmoor: "${name}" is not a command.\n\n${HELP}`)
  process.exitCode = help ? 0 : 2
} else {
  if (name !== 'calc') stopOnSignals()
  try {
    process.exitCode = await (await command())(args)
  } catch (error) {
    const { code, path } = /** @type {NodeJS.ErrnoException} */ (error)
    const shut = path && (code === 'EACCES' || code === 'EPERM')
    if (!(error instanceof Sorry) && !shut) throw error
    const says = shut ? `this user may not use ${path}.` : /** @type {Error} */ (error).message
    process.stderr.write(`lochmoor: ${says}\n`)
    process.exitCode = stopAsked() ? 130 : 1
  }
}

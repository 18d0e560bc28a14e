// @ts-check
import { command } from './command.mjs'
import { computation } from './computation.mjs'
import { screen } from './screen.mjs'

console.log('Measured on this machine; nothing here passes or fails.\n')
computation()
command()
await screen()

import type { WireToProve } from '@lochmoor/core'

export const WIRE_WORDS: Readonly<Record<WireToProve['kind'], string>> = {
  injector: 'Injector',
  coil: 'Coil',
  plug: 'HT lead',
}

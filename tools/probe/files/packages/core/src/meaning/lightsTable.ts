import type { LIGHTS } from '../sections/lights.ts'
import type { Hows } from './hows.ts'
import type { Labels } from './labels.ts'

export const LIGHTS_LABELS: Labels<typeof LIGHTS> = {
  '': '',
  headlampsW: 'Both headlamps, full beam',
  relayed: 'Headlamps on relays',
}
export const LIGHTS_HOWS: Hows<typeof LIGHTS> = { headlampsW: 'Stamped on the bulbs: both of them together.' }

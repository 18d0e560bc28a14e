import type { PersonRole } from '@lochmoor/contract'

export interface DemoPerson {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: PersonRole
}

/** The people of the demo workshop, invented. The demo's two buttons sign in the first owner and the first installer. */
export const DEMO_PEOPLE = [
  {
    id: '5d1b8f0a-2c64-4b1e-8a7f-0e9d3c5b1a41',
    name: 'Maren Skell',
    email: 'maren@skerrow-bank.example',
    role: 'owner',
  },
  {
    id: '7e2c9a1b-3d75-4c2f-9b80-1fae4d6c2b52',
    name: 'Tobin Raithe',
    email: 'tobin@skerrow-bank.example',
    role: 'installer',
  },
  {
    id: '8f3daa2c-4e86-4d30-8c91-20bf5e7d3c63',
    name: 'Ishbel Corrie',
    email: 'ishbel@skerrow-bank.example',
    role: 'installer',
  },
] as const satisfies readonly DemoPerson[]

/** For signing in by hand in the demo; it opens nothing but invented data. */
export const DEMO_PASSWORD = 'peat-and-petrol'

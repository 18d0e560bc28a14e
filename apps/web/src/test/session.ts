import { useSession } from '../store/sessionStore.ts'

/** Signs somebody in for a test, without a server. */
export const sitHere = (
  personId = '5d1b8f0a-2c64-4b1e-8a7f-0e9d3c5b1a41',
  role: 'owner' | 'installer' = 'owner',
): void =>
  useSession.setState({
    session: {
      state: 'signed-in',
      role,
      personId,
      name: 'Maren Skell',
      email: 'maren@skerrow-bank.example',
      workshop: 'Garage',
      csrf: 'c',
      demo: true,
      preferences: { units: {}, theme: null, english: null },
      secondFactor: { totp: false, passkeys: [], recoveryCodes: 0, wanting: false },
      settings: { idleHours: 12, secondFactor: false },
    },
  })

export const sitAsGuest = (jobId: string): void =>
  useSession.setState({
    session: {
      state: 'guest',
      role: 'guest',
      jobId,
      workshop: 'Garage',
      csrf: 'c',
      expiresAt: '2030-01-01T00:00:00.000Z',
    },
  })

/** An answer of the server. */
export const reply = (status: number, body: unknown): Promise<Response> =>
  Promise.resolve({ ok: status < 400, status, text: () => Promise.resolve(JSON.stringify(body)) } as Response)

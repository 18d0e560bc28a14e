import 'fake-indexeddb/auto'
import { act, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter, Route, Routes } from 'react-router'
import { call } from '../api/client.ts'
import { Done } from '@lochmoor/contract'
import { useSession } from '../store/sessionStore.ts'
import { markUnsent, setUnit, unitOfFamily, usePreferences } from '../store/preferences.ts'
import { reply } from '../test/session.ts'
import { SessionGate } from './SessionGate.tsx'

const signedIn = {
  state: 'signed-in',
  role: 'installer',
  personId: '7e2c9a1b-3d75-4c2f-9b80-1fae4d6c2b52',
  name: 'Tobin Raithe',
  email: 'tobin@skerrow-bank.example',
  workshop: 'Garage',
  csrf: 'the token',
  demo: true,
  preferences: { units: { pressure: 'bar' }, theme: 'dark' },
  secondFactor: { totp: false, passkeys: [], recoveryCodes: 0, wanting: false },
  settings: { idleHours: 12, secondFactor: false },
}

const Work = () => (
  <>
    <p>the work</p>
    <input aria-label="half a note" />
  </>
)

const show = () =>
  render(
    <MemoryRouter>
      <Routes>
        <Route element={<SessionGate />}>
          <Route index element={<Work />} />
        </Route>
      </Routes>
    </MemoryRouter>,
  )

/** A server that knows one session state at a time. */
const serve = (first: object) => {
  const server = {
    session: first,
    down: false,
    sent: [] as { method: string; path: string; headers: Record<string, string>; body: string }[],
  }
  globalThis.fetch = (url, init) => {
    if (server.down) return Promise.reject(new TypeError('away'))
    const path = url as string
    const method = init?.method ?? 'GET'
    server.sent.push({
      method,
      path,
      headers: (init?.headers ?? {}) as Record<string, string>,
      body: (init?.body ?? '') as string,
    })
    if (path === '/api/session' && method === 'GET') return reply(200, server.session)
    if (path === '/api/session/demo') {
      server.session = signedIn
      return reply(200, { done: true })
    }
    if (path === '/api/session/second-factor') {
      if (!(init?.body as string).includes('123456'))
        return reply(403, { code: 'wrongCode', message: 'This code or key is not right.' })
      server.session = signedIn
      return reply(200, { done: true })
    }
    if (path === '/api/session')
      return reply(403, { code: 'wrongPassword', message: 'The e-mail address or the password is wrong.' })
    return reply(401, { code: 'signedOut', message: 'Sign in first.' })
  }
  return server
}

beforeEach(() => {
  localStorage.clear()
  markUnsent(null)
  useSession.setState({ session: null })
})

describe('the way in', () => {
  it('a demo signs in by one click; what the person chose comes with it', async () => {
    serve({ state: 'signed-out', demo: true })
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'As an installer' }))
    expect(await screen.findByText('the work')).toBeTruthy()
    expect(unitOfFamily(usePreferences.getState().units, 'pressure').id).toBe('bar')
  })

  it('elsewhere there is no such button; a wrong password is said and the address stays', async () => {
    serve({ state: 'signed-out', demo: false })
    show()
    await userEvent.type(await screen.findByLabelText('E-mail address'), 'tobin@skerrow-bank.example')
    await userEvent.type(screen.getByLabelText('Password'), 'no')
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    expect((await screen.findByRole('alert')).textContent).toContain('address or the password is wrong')
    expect(screen.getByLabelText<HTMLInputElement>('E-mail address').value).toBe('tobin@skerrow-bank.example')
    expect(screen.queryByRole('button', { name: 'As the owner' })).toBeNull()
  })

  it('asks for the second factor after the password, says a wrong code, and lets the right one in', async () => {
    serve({ state: 'second-factor', totp: true, passkey: false })
    show()
    const code = await screen.findByLabelText(/Code from the authenticator app/)
    expect(screen.queryByText('the work')).toBeNull()
    await userEvent.type(code, '000000')
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    expect((await screen.findByRole('alert')).textContent).toContain('not right')
    await userEvent.clear(code)
    await userEvent.type(code, '123456')
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    expect(await screen.findByText('the work')).toBeTruthy()
  })

  it('where the workshop asks for one that is not there yet, nothing but setting it up is offered', async () => {
    const server = serve({ ...signedIn, secondFactor: { ...signedIn.secondFactor, wanting: true } })
    show()
    expect(await screen.findByRole('button', { name: 'Set up an authenticator app' })).toBeTruthy()
    expect(screen.queryByText('the work')).toBeNull()
    expect(server.sent.map((s) => s.path)).toEqual(['/api/session'])
  })

  it('a server that is away is named, and asked again', async () => {
    const server = serve(signedIn)
    server.down = true
    show()
    expect((await screen.findByRole('alert')).textContent).toMatch(
      /cannot be reached.*is kept and sent once it can be reached/,
    )
    server.down = false
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByText('the work')).toBeTruthy()
  })

  it('a session that the server forgot leads to the sign-in, whatever was being done', async () => {
    serve(signedIn)
    show()
    await screen.findByText('the work')
    await userEvent.type(screen.getByLabelText('half a note'), 'blows at the joi')
    await call(Done, 'POST', '/jobs')
    expect(await screen.findByRole('heading', { name: 'Sign in' })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'As an installer' }))
    await waitFor(() => expect(screen.queryByRole('heading', { name: 'Sign in' })).toBeNull())
    expect(screen.getByLabelText<HTMLInputElement>('half a note').value).toBe('blows at the joi')
  })

  it('somebody else who signs in there finds none of it', async () => {
    const server = serve({ ...signedIn, personId: '5d1b8f0a-2c64-4b1e-8a7f-0e9d3c5b1a41', name: 'Maren Skell' })
    show()
    await userEvent.type(await screen.findByLabelText('half a note'), 'mine')
    server.session = { state: 'signed-out', demo: true }
    await call(Done, 'POST', '/jobs')
    await userEvent.click(await screen.findByRole('button', { name: 'As an installer' }))
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('half a note').value).toBe(''))
  })

  it('changes carry the session’s token, reading does not', async () => {
    const server = serve(signedIn)
    show()
    await screen.findByText('the work')
    await call(Done, 'DELETE', '/anything')
    expect(server.sent.find((s) => s.method === 'GET')!.headers).not.toHaveProperty('x-lochmoor-csrf')
    expect(server.sent.at(-1)!.headers).toMatchObject({ 'x-lochmoor-csrf': 'the token' })
  })

  it('a choice made while the server was away is newer than what the server has, and is sent when it answers', async () => {
    const server = serve(signedIn)
    const { unmount } = show()
    await screen.findByText('the work')
    server.down = true
    act(() => setUnit('pressure', 'psi'))
    await waitFor(() => expect(usePreferences.getState().unsentBy).toBe(signedIn.personId))
    unmount()
    act(() => useSession.setState({ session: null }))
    server.down = false
    show()
    await waitFor(() =>
      expect(server.sent.some((s) => s.path === '/api/session/preferences' && s.body.includes('psi'))).toBe(true),
    )
    expect(unitOfFamily(usePreferences.getState().units, 'pressure').id).toBe('psi')
  })

  it('a choice made before the server has said who sits here is theirs, and is sent', async () => {
    const server = serve(signedIn)
    show()
    act(() => setUnit('pressure', 'psi'))
    await screen.findByText('the work')
    expect(unitOfFamily(usePreferences.getState().units, 'pressure').id).toBe('psi')
    await waitFor(() =>
      expect(server.sent.some((s) => s.path === '/api/session/preferences' && s.body.includes('psi'))).toBe(true),
    )
  })

  it('a first start asks for the owner', async () => {
    serve({ state: 'needs-owner' })
    show()
    expect(await screen.findByRole('heading', { name: 'Set up this workshop' })).toBeTruthy()
  })
})

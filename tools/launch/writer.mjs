// @ts-check

/**
 * Somebody who writes to a test server over plain HTTP, as a page would: with a session, and again where no answer came.
 * @param {string} address
 */
export const signInAsOwner = async (address) => {
  const signedIn = await fetch(`${address}/api/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ as: 'owner' }),
  })
  if (!signedIn.ok) throw new Error(`the test server let nobody in: ${signedIn.status} ${await signedIn.text()}`)
  const cookie = signedIn.headers.getSetCookie()[0]?.split(';')[0] ?? ''
  const asked = await fetch(`${address}/api/session`, { headers: { cookie } })
  const session = /** @type {{ csrf: string }} */ (await asked.json())
  /**
   * One call; where nobody answers, or a gateway's word comes instead, the status is 0 or that word's.
   * @param {string} method @param {string} path @param {unknown} [body]
   * @returns {Promise<{ status: number, body: any }>}
   */
  const call = async (method, path, body) => {
    try {
      const answer = await fetch(`${address}/api${path}`, {
        method,
        headers: { cookie, 'content-type': 'application/json', 'x-lochmoor-csrf': session.csrf },
        ...(body !== undefined && { body: JSON.stringify(body) }),
      })
      return { status: answer.status, body: await answer.json() }
    } catch (error) {
      return { status: 0, body: { message: String(error) } }
    }
  }
  const headers = { cookie, 'x-lochmoor-csrf': session.csrf }
  /** Sends a photograph, to its status. @param {string} path @param {Buffer} image */
  const photo = async (path, image) => {
    const answer = await fetch(`${address}/api${path}`, {
      method: 'PUT',
      headers: { ...headers, 'content-type': 'image/jpeg' },
      body: new Uint8Array(image),
    })
    await answer.arrayBuffer()
    return answer.status
  }
  /** Fetches a file, to its status. @param {string} path */
  const file = async (path) => {
    const answer = await fetch(`${address}/api${path}`, { headers })
    await answer.arrayBuffer()
    return answer.status
  }
  return Object.assign(call, { photo, file })
}

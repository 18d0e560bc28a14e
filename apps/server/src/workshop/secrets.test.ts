import { csrfOf, hashOfPassword, hashOfToken, newToken, passwordFits, sameSecret } from './secrets.ts'

describe('secrets', () => {
  it('tokens are long, different each time, and safe in an address', () => {
    const tokens = Array.from({ length: 50 }, newToken)
    expect(new Set(tokens).size).toBe(50)
    for (const t of tokens) expect(t).toMatch(/^[\w-]{43}$/)
  })
  it('what is stored or shown of a token does not give it away', () => {
    const token = newToken()
    expect(hashOfToken(token)).toMatch(/^[0-9a-f]{64}$/)
    expect(csrfOf(token)).not.toBe(hashOfToken(token))
    expect(csrfOf(token)).toBe(csrfOf(token))
    expect(csrfOf(newToken())).not.toBe(csrfOf(token))
  })
  it('compares secrets of any length', () => {
    expect(sameSecret('abc', 'abc')).toBe(true)
    expect(sameSecret('abc', 'abd')).toBe(false)
    expect(sameSecret('abc', 'abcd')).toBe(false)
    expect(sameSecret('', 'a')).toBe(false)
  })
  it('passwords are argon2id with a salt of their own', async () => {
    const [a, b] = await Promise.all([hashOfPassword('sheep on the hill'), hashOfPassword('sheep on the hill')])
    expect(a).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/)
    expect(a).not.toBe(b)
    expect(await passwordFits('sheep on the hill', a)).toBe(true)
    expect(await passwordFits('sheep on the hill', b)).toBe(true)
    expect(await passwordFits('Sheep on the hill', a)).toBe(false)
    expect(await passwordFits('anything', null)).toBe(false)
  })
})

import { Refusal } from '@lochmoor/contract'
import { forgetAhead, takeAhead } from './ahead.ts'
import { err, ok, type Result } from '@lochmoor/core'
import type { z } from 'zod'

/** Why a call did not succeed. `away`: server or database out of reach, try again later; else it said no. */
export type ApiError =
  | { readonly kind: 'away'; readonly message: string }
  | { readonly kind: 'refused'; readonly status: number; readonly refusal: Refusal }

/** 429: too much at once, try again later. */
const AWAY_STATUS = new Set([429, 500, 502, 503, 504, 507])
const SIGNED_OUT = 401

const state = { csrf: '', onSignedOut: (): void => undefined }

/** The session's token for changes, and what to do when the server no longer knows the session. */
export const keepSessionToken = (csrf: string): void => {
  state.csrf = csrf
}
export const whenSignedOut = (act: () => void): void => {
  state.onSignedOut = act
}

type Body = { readonly json: unknown } | { readonly blob: Blob } | null

const request = async (method: string, path: string, body: Body): Promise<Response> => {
  if (method !== 'GET') forgetAhead()
  const ahead = method === 'GET' ? await takeAhead(path) : null
  if (ahead) return ahead
  const type = body === null ? null : 'json' in body ? 'application/json' : body.blob.type
  return fetch(`/api${path}`, {
    method,
    headers: { ...(type && { 'content-type': type }), ...(method !== 'GET' && { 'x-lochmoor-csrf': state.csrf }) },
    body: body === null ? null : 'json' in body ? JSON.stringify(body.json) : body.blob,
  })
}

const refusalOf = (status: number, json: unknown): ApiError => {
  const parsed = Refusal.safeParse(json)
  const refusal: Refusal = parsed.success ? parsed.data : { code: 'unknown', message: `The server answered ${status}.` }
  if (status === SIGNED_OUT) state.onSignedOut()
  return AWAY_STATUS.has(status) ? { kind: 'away', message: refusal.message } : { kind: 'refused', status, refusal }
}

const send = async <T>(
  schema: z.ZodType<T>,
  method: string,
  path: string,
  body: Body,
): Promise<Result<T, ApiError>> => {
  let response: Response
  try {
    response = await request(method, path, body)
  } catch {
    return err({ kind: 'away', message: 'The server is not answering.' })
  }
  const text = await response.text()
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    return err({ kind: 'away', message: `The server answered ${response.status} without an explanation.` })
  }
  if (!response.ok) return err(refusalOf(response.status, json))
  const parsed = schema.safeParse(json)
  if (parsed.success) return ok(parsed.data)
  return err({ kind: 'away', message: 'The server is a different version from this page: reload the page.' })
}

/** One call of the API: JSON out, JSON in, checked by the contract's schema. */
export const call = <T>(
  schema: z.ZodType<T>,
  method: string,
  path: string,
  json?: unknown,
): Promise<Result<T, ApiError>> => send(schema, method, path, json === undefined ? null : { json })

export const callWithBlob = <T>(schema: z.ZodType<T>, path: string, blob: Blob): Promise<Result<T, ApiError>> =>
  send(schema, 'PUT', path, { blob })

export const explainApiError = (e: ApiError): string => (e.kind === 'away' ? e.message : e.refusal.message)

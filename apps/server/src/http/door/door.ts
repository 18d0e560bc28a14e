import type { NextFunction, Request, RequestHandler, Response } from 'express'
import express from 'express'
import { HttpException } from '@nestjs/common'
import type { Doorkeeper } from '../../workshop/doorkeeper.ts'
import { bodyRuleOf, tooLarge, TYPES_OF } from './bodies.ts'
import { ShapeCounter, unsoundText } from './jsonShape.ts'

const refuse = (status: number, code: string, message: string): HttpException =>
  new HttpException({ code, message }, status)

const hasBody = ({ headers }: Request): boolean =>
  headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0

const LONG_BYTES = 16 * 1024 * 1024
const isLong = (request: Request): boolean =>
  hasBody(request) && !(Number(request.headers['content-length']) <= LONG_BYTES)

const MUST_SUIT = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])

/** What a route cannot take is refused by its headers; not a byte of it is read. */
const refuseUnsuitable = (request: Request): void => {
  if (!hasBody(request)) return
  if (!MUST_SUIT.has(request.method)) throw refuse(400, 'noBodyHere', `${request.method} takes no body.`)
  const { kind, most } = bodyRuleOf(request.method, request.path)
  const encoding = request.headers['content-encoding']
  if (encoding !== undefined && encoding.toLowerCase() !== 'identity')
    throw refuse(415, 'encoded', `content-encoding is "${encoding.slice(0, 40)}"; allowed: none, send it as it is.`)
  const type = (request.headers['content-type'] ?? '').split(';')[0]!.trim().toLowerCase()
  if (!TYPES_OF[kind].includes(type))
    throw refuse(
      415,
      'wrongType',
      `content-type is ${type ? `"${type.slice(0, 60)}"` : 'missing'}; allowed: ${TYPES_OF[kind].join(', ')}.`,
    )
  if (Number(request.headers['content-length'] ?? 0) > most)
    throw refuse(413, 'tooLarge', tooLarge(request.method, request.path))
}

const jsonOf = (limit: number): RequestHandler =>
  express.json({
    limit,
    inflate: false,
    type: () => true,
    verify: (_request, _response, bytes, encoding) => {
      if (encoding !== 'utf-8') throw refuse(415, 'wrongCharset', `charset is "${encoding}"; allowed: utf-8.`)
      const wrong = new ShapeCounter().take(bytes)
      if (wrong) throw refuse(400, 'badInput', wrong)
    },
  })

const parsers = new Map<number, RequestHandler>()
const jsonParser = (most: number): RequestHandler => {
  const known = parsers.get(most) ?? jsonOf(most)
  parsers.set(most, known)
  return known
}

const soundBody = (request: Request, next: NextFunction): void => {
  const wrong = unsoundText(request.body)
  next(wrong ? new HttpException({ code: 'badInput', message: wrong }, 400) : undefined)
}

/**
 * The door of the API: who asks is known, and what they send is refused by its headers, before a byte of a body is
 * read; then it is read up to its route's limit, counted before it is parsed, and looked through for broken text. A job
 * file is not read here at all: its route reads it piece by piece.
 */
export const door =
  (keeper: () => Doorkeeper): RequestHandler =>
  (request: Request, response: Response, next: NextFunction) => {
    const rule = bodyRuleOf(request.method, request.path)
    const read = (): void => {
      refuseUnsuitable(request)
      if (!hasBody(request) || rule.kind === 'file') return next()
      if (rule.kind === 'photo')
        return express.raw({ type: () => true, limit: rule.most, inflate: false })(request, response, next)
      jsonParser(rule.most)(request, response, (error?: unknown) =>
        error === undefined ? soundBody(request, next) : next(error),
      )
    }
    keeper()
      .admit(request, rule.open === true)
      .then(read)
      .catch((error: unknown) => {
        // A body that is no longer than a photograph is let run out, so that its sender hears the answer; longer ones are cut off.
        if (isLong(request)) response.setHeader('connection', 'close')
        next(error)
      })
  }

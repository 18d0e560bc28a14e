import {
  DemoSignIn,
  Done,
  FirstOwner,
  GuestSignIn,
  PasswordChange,
  Preferences,
  Refusal,
  SessionState,
  SignIn,
} from '@lochmoor/contract'
import { counted, type Result } from '@lochmoor/core'
import { Body, Controller, Delete, Get, HttpCode, HttpException, Post, Put, Req, Res } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { Entering, From, Open, Who, type PersonCaller, type RequestWithCaller } from './caller.ts'
import { refusedPassword } from './passwords.ts'
import { clearSessionCookie, sessionCookieOf, setSessionCookie } from './sessionCookie.ts'
import { SessionsService } from './sessions.service.ts'
import { SignInService, type SignInError } from './signIn.service.ts'

const STATUS = {
  wrongPassword: 403,
  wrongPresent: 403,
  wrongCode: 403,
  noSecondFactor: 409,
  tooManyTries: 429,
  claimed: 409,
  linkExpired: 410,
  noDemo: 404,
} satisfies Record<Exclude<SignInError['code'], 'weakPassword'>, number>

const messageOf = (e: Exclude<SignInError, { code: 'weakPassword' }>): string => {
  switch (e.code) {
    case 'wrongPresent':
      return 'The current password is wrong; nothing was changed.'
    case 'wrongPassword':
      return 'The e-mail address or the password is wrong.'
    case 'wrongCode':
      return 'This code or key is not right, or has been used already. Codes change every 30 s: wait for the next one.'
    case 'noSecondFactor':
      return 'Enter your password first: the sign-in was begun too long ago or not at all.'
    case 'tooManyTries':
      return `Too many attempts. Wait ${waitInWords(e.retryAfterS)}, or ask an owner for a new link.`
    case 'claimed':
      return 'This installation already has an owner: sign in.'
    case 'linkExpired':
      return 'This link has expired or was never valid. Ask the workshop for a new one.'
    case 'noDemo':
      return 'This is no demo: sign in with your own account.'
  }
}
const waitInWords = (s: number): string => (s < 90 ? counted(s, 'second') : counted(Math.ceil(s / 60), 'minute'))

export const orRefuseSignIn = <T>(result: Result<T, SignInError>): T => {
  if (result.ok) return result.value
  const { error } = result
  if (error.code === 'weakPassword') throw refusedPassword(error.field, error.allowed)
  throw new HttpException({ message: messageOf(error), ...error }, STATUS[error.code])
}

const JobOfLink = z.strictObject({ jobId: z.uuid() })
const done = { done: true } as const

@ApiTags('session')
@Controller('session')
export class SessionController {
  constructor(
    private readonly sessions: SessionsService,
    private readonly entry: SignInService,
  ) {}

  @Get()
  @Open()
  @Answers({ 200: SessionState })
  state(@Req() request: RequestWithCaller): Promise<SessionState> {
    return this.sessions.state(request.caller, sessionCookieOf(request))
  }

  @Post()
  @Open()
  @HttpCode(200)
  @Answers({ 200: Done, 400: Refusal, 403: Refusal, 429: Refusal })
  async signIn(
    @Body({ schema: SignIn }) body: z.infer<typeof SignIn>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof Done>> {
    const before = sessionCookieOf(response.req)
    setSessionCookie(response, orRefuseSignIn(await this.entry.signIn(body.email, body.password, address, before)))
    return done
  }

  @Post('demo')
  @Open()
  @HttpCode(200)
  @Answers({ 200: Done, 404: Refusal })
  async demo(
    @Body({ schema: DemoSignIn }) body: z.infer<typeof DemoSignIn>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof Done>> {
    setSessionCookie(
      response,
      orRefuseSignIn(await this.entry.signInDemo(body.as, address, sessionCookieOf(response.req))),
    )
    return done
  }

  @Post('first-owner')
  @Open()
  @Answers({ 201: Done, 400: Refusal, 409: Refusal })
  async claim(
    @Body({ schema: FirstOwner }) body: z.infer<typeof FirstOwner>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof Done>> {
    setSessionCookie(response, orRefuseSignIn(await this.entry.claim(body, address)))
    return done
  }

  @Post('guest')
  @Open()
  @HttpCode(200)
  @Answers({ 200: JobOfLink, 410: Refusal })
  async guest(
    @Body({ schema: GuestSignIn }) body: z.infer<typeof GuestSignIn>,
    @Req() request: RequestWithCaller,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof JobOfLink>> {
    const { jobId, opened } = orRefuseSignIn(await this.entry.followGuestLink(body.token, request.caller, address))
    if (opened) setSessionCookie(response, opened)
    return { jobId }
  }

  @Delete()
  @Open()
  @Answers({ 200: Done })
  async signOut(
    @Req() request: RequestWithCaller,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof Done>> {
    await this.entry.signOut(request.caller, sessionCookieOf(request), address)
    clearSessionCookie(response)
    return done
  }

  @Delete('all')
  @Entering()
  @Answers({ 200: Done, 401: Refusal })
  async signOutEverywhere(
    @Who() caller: PersonCaller,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof Done>> {
    await this.entry.signOutEverywhere(caller, address)
    clearSessionCookie(response)
    return done
  }

  @Post('password')
  @HttpCode(200)
  @Answers({ 200: Done, 400: Refusal, 403: Refusal, 429: Refusal })
  async changePassword(
    @Who() caller: PersonCaller,
    @Body({ schema: PasswordChange }) body: z.infer<typeof PasswordChange>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof Done>> {
    const opened = await this.entry.changePassword(caller, body.current, body.next, address)
    setSessionCookie(response, orRefuseSignIn(opened))
    return done
  }

  @Put('preferences')
  @Entering()
  @Answers({ 200: Done, 400: Refusal })
  async preferences(
    @Who() caller: PersonCaller,
    @Body({ schema: Preferences }) body: Preferences,
  ): Promise<z.infer<typeof Done>> {
    await this.sessions.keepPreferences(caller, body)
    return done
  }
}

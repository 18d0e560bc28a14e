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
import type { Result } from '@lochmoor/core'
import { Body, Controller, Delete, Get, HttpCode, HttpException, Post, Put, Req, Res } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { From, Open, Who, type PersonCaller, type RequestWithCaller } from './caller.ts'
import { SESSION_COOKIE, SessionsService, type Opened, type SignInError } from './sessions.service.ts'

const STATUS = {
  wrongPassword: 403,
  wrongPresent: 403,
  tooManyTries: 429,
  claimed: 409,
  linkExpired: 410,
  noDemo: 404,
} satisfies Record<SignInError['code'], number>
const MESSAGE = {
  wrongPresent: 'The current password is wrong; nothing was changed.',
  wrongPassword: 'The e-mail address or the password is wrong.',
  tooManyTries: 'Too many attempts. Wait 15 minutes, or ask an owner for a new link.',
  claimed: 'This installation already has an owner: sign in.',
  linkExpired: 'This link has expired or was never valid. Ask the workshop for a new one.',
  noDemo: 'This is no demo: sign in with your own account.',
} satisfies Record<SignInError['code'], string>

export const orRefuseSignIn = <T>(result: Result<T, SignInError>): T => {
  if (result.ok) return result.value
  const { code } = result.error
  throw new HttpException({ message: MESSAGE[code], ...result.error }, STATUS[code])
}

/** The cookie cannot be read by scripts nor be sent from other sites; over HTTPS it never travels in the open. */
export const setSessionCookie = (response: Response, { token, expiresAt }: Opened): void => {
  response.cookie(SESSION_COOKIE, token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: response.req.secure,
    path: '/',
    expires: expiresAt,
  })
}

const JobOfLink = z.strictObject({ jobId: z.uuid() })
const done = { done: true } as const

@ApiTags('session')
@Controller('session')
export class SessionController {
  constructor(private readonly sessions: SessionsService) {}

  @Get()
  @Open()
  @Answers({ 200: SessionState })
  state(@Req() request: RequestWithCaller): Promise<SessionState> {
    return this.sessions.state(request.caller)
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
    setSessionCookie(response, orRefuseSignIn(await this.sessions.signIn(body.email, body.password, address)))
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
    setSessionCookie(response, orRefuseSignIn(await this.sessions.signInDemo(body.as, address)))
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
    setSessionCookie(response, orRefuseSignIn(await this.sessions.claim(body, address)))
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
    const { jobId, opened } = orRefuseSignIn(await this.sessions.followGuestLink(body.token, request.caller, address))
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
    if (request.caller) await this.sessions.signOut(request.caller, address)
    response.clearCookie(SESSION_COOKIE, { path: '/' })
    return done
  }

  @Delete('all')
  @Answers({ 200: Done, 401: Refusal })
  async signOutEverywhere(
    @Who() caller: PersonCaller,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<z.infer<typeof Done>> {
    await this.sessions.signOutEverywhere(caller, address)
    response.clearCookie(SESSION_COOKIE, { path: '/' })
    return done
  }

  @Post('password')
  @HttpCode(200)
  @Answers({ 200: Done, 400: Refusal, 403: Refusal })
  async changePassword(
    @Who() caller: PersonCaller,
    @Body({ schema: PasswordChange }) body: z.infer<typeof PasswordChange>,
    @From() address: string,
  ): Promise<z.infer<typeof Done>> {
    orRefuseSignIn(await this.sessions.changePassword(caller, body.current, body.next, address))
    return done
  }

  @Put('preferences')
  @Answers({ 200: Done, 400: Refusal })
  async preferences(
    @Who() caller: PersonCaller,
    @Body({ schema: Preferences }) body: Preferences,
  ): Promise<z.infer<typeof Done>> {
    await this.sessions.keepPreferences(caller, body)
    return done
  }
}

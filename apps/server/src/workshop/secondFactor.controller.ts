import {
  Done,
  NewTotp,
  PasskeyConfirm,
  PasskeyEntry,
  PasskeyOptions,
  PasswordAgain,
  RecoveryCodes,
  Refusal,
  SecondFactorCode,
  TotpConfirm,
} from '@lochmoor/contract'
import { Body, Controller, HttpCode, Post, Put, Req, Res } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { AuthenticationResponseJSON, RegistrationResponseJSON } from '@simplewebauthn/server'
import type { Request, Response } from 'express'
import type { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { Entering, From, Open, Who, type PersonCaller } from './caller.ts'
import { SecondFactorService, type Confirmed, type Site } from './secondFactor.service.ts'
import { orRefuseSignIn } from './session.controller.ts'
import { sessionCookieOf, setSessionCookie } from './sessionCookie.ts'

const done = { done: true } as const
type Finished = z.infer<typeof Done>

/** Passkeys belong to the address at which the page is served, as the browser has it. */
const siteOf = ({ hostname, headers, protocol }: Request): Site => ({
  host: hostname,
  origin: `${protocol}://${headers.host ?? hostname}`,
})
const told = (response: Response, { opened, recoveryCodes }: Confirmed): RecoveryCodes => {
  setSessionCookie(response, opened)
  return { recoveryCodes: [...recoveryCodes] }
}

@ApiTags('session')
@Controller('session')
export class SecondFactorController {
  constructor(private readonly factors: SecondFactorService) {}

  /** The second step of signing in: an authenticator’s code, or one from paper. */
  @Post('second-factor')
  @Open()
  @HttpCode(200)
  @Answers({ 200: Done, 400: Refusal, 403: Refusal, 409: Refusal, 429: Refusal })
  async enter(
    @Body({ schema: SecondFactorCode }) body: z.infer<typeof SecondFactorCode>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Finished> {
    const opened = await this.factors.enter(sessionCookieOf(response.req), body.code, address)
    setSessionCookie(response, orRefuseSignIn(opened))
    return done
  }

  @Post('passkey/options')
  @Open()
  @HttpCode(200)
  @Answers({ 200: PasskeyOptions, 409: Refusal })
  async entryOptions(@Req() request: Request): Promise<z.infer<typeof PasskeyOptions>> {
    return { ...orRefuseSignIn(await this.factors.entryOptions(sessionCookieOf(request), siteOf(request))) }
  }

  @Post('passkey')
  @Open()
  @HttpCode(200)
  @Answers({ 200: Done, 400: Refusal, 403: Refusal, 409: Refusal })
  async enterByPasskey(
    @Body({ schema: PasskeyEntry }) body: z.infer<typeof PasskeyEntry>,
    @Req() request: Request,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Finished> {
    const answer = body.response as unknown as AuthenticationResponseJSON
    const opened = await this.factors.enterByPasskey(sessionCookieOf(request), answer, siteOf(request), address)
    setSessionCookie(response, orRefuseSignIn(opened))
    return done
  }

  /** A secret for an authenticator; it counts once a code of it was given. */
  @Post('authenticator')
  @Entering()
  @HttpCode(200)
  @Answers({ 200: NewTotp })
  newTotp(@Who() caller: PersonCaller): Promise<NewTotp> {
    return this.factors.newTotp(caller)
  }

  @Put('authenticator')
  @Entering()
  @Answers({ 200: RecoveryCodes, 400: Refusal, 403: Refusal, 429: Refusal })
  async confirmTotp(
    @Who() caller: PersonCaller,
    @Body({ schema: TotpConfirm }) { code, password, secret }: z.infer<typeof TotpConfirm>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecoveryCodes> {
    return told(response, orRefuseSignIn(await this.factors.confirmTotp(caller, password, secret, code, address)))
  }

  @Post('new-passkey')
  @Entering()
  @HttpCode(200)
  @Answers({ 200: PasskeyOptions })
  async passkeyOptions(@Who() caller: PersonCaller, @Req() request: Request): Promise<z.infer<typeof PasskeyOptions>> {
    return { ...(await this.factors.passkeyOptions(caller, siteOf(request))) }
  }

  @Put('new-passkey')
  @Entering()
  @Answers({ 200: RecoveryCodes, 400: Refusal, 403: Refusal, 409: Refusal, 429: Refusal })
  async addPasskey(
    @Who() caller: PersonCaller,
    @Body({ schema: PasskeyConfirm }) { name, password, response: said }: z.infer<typeof PasskeyConfirm>,
    @Req() request: Request,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecoveryCodes> {
    const answer = said as unknown as RegistrationResponseJSON
    const made = await this.factors.addPasskey(caller, password, name, answer, siteOf(request), address)
    return told(response, orRefuseSignIn(made))
  }

  /** Takes authenticator, passkeys and paper codes away. */
  @Post('second-factor/removal')
  @HttpCode(200)
  @Answers({ 200: Done, 403: Refusal, 429: Refusal })
  async remove(
    @Who() caller: PersonCaller,
    @Body({ schema: PasswordAgain }) { password }: z.infer<typeof PasswordAgain>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Finished> {
    setSessionCookie(response, orRefuseSignIn(await this.factors.remove(caller, password, address)))
    return done
  }
}

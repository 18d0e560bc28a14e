import { createHash, randomUUID } from 'node:crypto'
import { err, ok, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'

/** How guesses of one kind are slowed: some are free, then each wait is twice the one before, up to a longest. */
export interface Pace {
  readonly free: number
  readonly mostS: number
}

/**
 * One account from one machine is slowed most. A machine that tries many accounts may be a workshop's own router. An
 * account that is tried from everywhere waits little, and not at all where its person has signed in before: nobody can
 * lock an owner out.
 */
export const PACES = {
  accountHere: { free: 5, mostS: 900 },
  address: { free: 30, mostS: 900 },
  account: { free: 20, mostS: 60 },
} as const satisfies Record<string, Pace>

/** After so long without a failure the count begins anew. */
const FORGOTTEN_S = 6 * 3600
const DAY_MS = 86_400_000

export interface Reserved {
  /** Said once the guess was right: it was no failure. */
  right(): Promise<void>
}
export interface TooMany {
  readonly code: 'tooManyTries'
  readonly retryAfterS: number
}

const keyOf = (kind: string, of: string): string => createHash('sha256').update(`${kind} ${of}`).digest('hex')

/** Guesses at passwords and codes, each counted as a failure before it is tried: however many come at once. */
@Injectable()
export class AttemptsService {
  constructor(private readonly database: DataSource) {}

  /** An attempt at an account (or whatever else is guessed at) from a machine; `known`: its person was let in from there before. */
  async reserve(what: string, address: string, known: boolean): Promise<Result<Reserved, TooMany>> {
    const counters: [string, Pace][] = [
      [keyOf('account here', `${what} ${address}`), PACES.accountHere],
      [keyOf('address', address), PACES.address],
      ...(known ? [] : [[keyOf('account', what), PACES.account] satisfies [string, Pace]]),
    ]
    const taken: string[] = []
    for (const [key, pace] of counters) {
      const waitS = await this.count(key, pace)
      if (waitS > 0) return err({ code: 'tooManyTries', retryAfterS: waitS })
      taken.push(key)
    }
    return ok({
      right: async () => {
        const [here, ...others] = taken
        await this.database.query('delete from attempt where id = ?', [here])
        for (const id of others)
          await this.database.query(
            'update attempt set failures = greatest(failures, 1) - 1, free_at = now(6) where id = ?',
            [id],
          )
      },
    })
  }

  /** Takes a turn in one statement, which the store carries out one at a time; gives the seconds to wait where it is not free. */
  private async count(id: string, { free, mostS }: Pace): Promise<number> {
    const ticket = randomUUID()
    const waitS = `least(${mostS}, pow(2, least(20, greatest(0, cast(failures as signed) - ${free}))) - 1)`
    const [row] = await this.database.query<{ ticket: string; restUs: string }[]>(
      `insert into attempt (id, failures, last_at, free_at, ticket) values (?, 1, now(6), now(6), ?)
       on duplicate key update
         ticket = if(free_at <= now(6), values(ticket), ticket),
         failures = if(ticket = values(ticket), if(last_at < now(6) - interval ${FORGOTTEN_S} second, 1, failures + 1), failures),
         last_at = if(ticket = values(ticket), now(6), last_at),
         free_at = if(ticket = values(ticket), now(6) + interval (${waitS}) second, free_at)
       returning ticket, greatest(0, timestampdiff(microsecond, now(6), free_at)) as restUs`,
      [id, ticket],
    )
    if (row?.ticket === ticket) return 0
    return Math.max(1, Math.ceil(Number(row?.restUs ?? 0) / 1e6))
  }

  /** Throws out what nobody needs any more. */
  async tidy(): Promise<void> {
    await this.database.query('delete from attempt where last_at < ?', [new Date(Date.now() - DAY_MS)])
  }
}

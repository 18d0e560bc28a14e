import { createReadStream } from 'node:fs'
import {
  JOB_SCHEMA_VERSION,
  JobFile,
  JobFileHead,
  LISTS_OF_JOB_FILE,
  migrateSections,
  SECTION_SCHEMAS,
} from '@lochmoor/contract'
import { HttpException } from '@nestjs/common'
import { ShapeCounter, unsoundText } from '../http/door/jsonShape.ts'
import { giveWay } from '../threads/givesWay.ts'
import { parseOrRefuse } from '../http/schema.pipe.ts'

/** A file on the disk, and how many values it may hold. */
export interface JobFileTask {
  readonly path: string
}
/** What stands in a job file, its photographs as bytes; or the refusal that says why not. */
export type JobFileRead =
  | {
      readonly ok: true
      readonly file: Omit<JobFile, 'photos'>
      readonly photos: readonly { id: string; width: number; height: number; bytes: Uint8Array }[]
      readonly writtenBy: number
    }
  | { readonly ok: false; readonly refusal: object }

/** Twenty thousand entries and as many versions of sections. */
const MOST_VALUES = 4_000_000

const refuse = (message: string, code = 'badInput'): HttpException => new HttpException({ code, message }, 400)

/** Reads the text piece by piece; too deep or too much ends it there. */
const textOf = async (path: string): Promise<string> => {
  const counter = new ShapeCounter(MOST_VALUES)
  const decoder = new TextDecoder('utf-8', { fatal: true })
  const pieces: string[] = []
  try {
    for await (const chunk of createReadStream(path, { highWaterMark: 1024 * 1024 })) {
      const wrong = counter.take(chunk as Buffer)
      if (wrong) throw refuse(wrong)
      pieces.push(decoder.decode(chunk as Buffer, { stream: true }))
    }
    pieces.push(decoder.decode())
  } catch (error) {
    if (error instanceof TypeError) throw refuse('The job file is not text in UTF-8.')
    throw error
  }
  return pieces.join('')
}

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text)
  } catch (error) {
    throw refuse(`The job file is not JSON: ${(error as Error).message.slice(0, 120)}.`)
  }
}

/** A list that is too long is one problem, told before anything in it is looked at. */
const refuseLongLists = (input: unknown): void => {
  if (typeof input !== 'object' || input === null) return
  for (const [list, most] of Object.entries(LISTS_OF_JOB_FILE)) {
    const value = (input as Record<string, unknown>)[list]
    if (Array.isArray(value) && value.length > most)
      throw refuse(`${list} is a list of ${value.length}; allowed: a list of at most ${most}`)
  }
}

/** An older version of a section is kept as it was, if it can be read: else its page of history could not be shown. */
const refuseForeignHistory = (history: JobFile['history']): void => {
  for (const [i, { schemaVersion, section, value }] of history.entries()) {
    let now: unknown
    try {
      now = migrateSections({ [section]: value }, schemaVersion)[section]
    } catch {
      throw refuse(`history.${i}.value is no ${section} section of version ${schemaVersion}; allowed: one that is`)
    }
    const schema = SECTION_SCHEMAS[section]
    const found = schema.safeParse(now)
    if (!found.success)
      throw refuse(
        `history.${i}.value.${found.error.issues[0]?.path.join('.')} is not as a ${section} section of version ${schemaVersion} has it; allowed: what Lochmoor has written`,
      )
  }
}

/** Sections of an older version as this one has them; what no version has written is told as the schema finds it. */
const broughtUp = (sections: Record<string, unknown>, from: number): unknown => {
  try {
    return migrateSections(sections, from)
  } catch {
    return sections
  }
}

const read = async ({ path }: JobFileTask): Promise<JobFileRead> => {
  const input = parsed(await textOf(path))
  const unsound = unsoundText(input)
  if (unsound) throw refuse(unsound)
  refuseLongLists(input)
  const head = parseOrRefuse(JobFileHead, input)
  const { photos, ...file } = parseOrRefuse(JobFile, {
    records: [],
    photos: [],
    history: [],
    ...(input as object),
    schemaVersion: JOB_SCHEMA_VERSION,
    sections: broughtUp(head.sections, head.schemaVersion),
  })
  refuseForeignHistory(file.history)
  return {
    ok: true,
    file,
    photos: photos.map(({ base64, height, id, width }) => ({
      id,
      width,
      height,
      bytes: new Uint8Array(Buffer.from(base64, 'base64')),
    })),
    writtenBy: head.schemaVersion,
  }
}

giveWay()

/** Reads a job file in a thread of its own. */
export default async (task: JobFileTask): Promise<JobFileRead> => {
  try {
    return await read(task)
  } catch (error) {
    if (error instanceof HttpException) return { ok: false, refusal: error.getResponse() as object }
    throw error
  }
}

import { SECTION_NAMES, SECTION_SCHEMAS, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import type { JobSectionEntity } from './job.entity.ts'

/** The stored value of a section; one that its own schema refuses is a fault of ours and throws. */
const valueOf = (jobId: string, sections: readonly JobSectionEntity[], name: SectionName): unknown => {
  const section = sections.find((s) => s.section === name)
  if (!section) throw new Error(`job ${jobId} is stored without its section ${name}`)
  return SECTION_SCHEMAS[name].parse(section.value)
}

/** The document of a job from its stored sections. */
export const documentOf = (jobId: string, sections: readonly JobSectionEntity[]): JobDocument =>
  Object.fromEntries(SECTION_NAMES.map((name) => [name, valueOf(jobId, sections, name)])) as unknown as JobDocument

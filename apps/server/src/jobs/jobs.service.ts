import {
  SECTION_SCHEMAS,
  type JobList,
  type JobResponse,
  type SectionName,
  type SectionSaved,
} from '@lochmoor/contract'
import { emptyJob, err, fuelState, ok, type JobDocument, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { WorkshopService } from '../workshop/workshop.service.ts'
import type { JobEntity, JobSectionEntity } from './job.entity.ts'
import { JobsRepository } from './jobs.repository.ts'

export type JobError =
  | { readonly code: 'noSuchJob' }
  | { readonly code: 'stale'; readonly current: { version: number; savedAt: string; value: unknown } }

const versioned = (s: JobSectionEntity) => ({ version: s.version, savedAt: s.updatedAt.toISOString(), value: s.value })

/** The stored value of a section; a stored value that its own schema refuses is a fault of ours and throws. */
const sectionOf = <S extends SectionName>(job: JobEntity, name: S): JobSectionEntity & { value: JobDocument[S] } => {
  const section = job.sections.find((s) => s.section === name)
  if (!section) throw new Error(`job ${job.id} is stored without its section ${name}`)
  return { ...section, value: SECTION_SCHEMAS[name].parse(section.value) as JobDocument[S] }
}

@Injectable()
export class JobsService {
  constructor(
    private readonly jobs: JobsRepository,
    private readonly workshops: WorkshopService,
  ) {}

  async list(): Promise<JobList> {
    const workshop = await this.workshops.current()
    const jobs = await this.jobs.list(workshop.id)
    return {
      workshop: workshop.name,
      jobs: jobs.map((job) => ({
        id: job.id,
        title: job.title,
        year: job.year,
        savedAt: job.updatedAt.toISOString(),
        fuelState: fuelState({ vehicle: sectionOf(job, 'vehicle').value, fuel: sectionOf(job, 'fuel').value }),
      })),
    }
  }

  async create(title: string): Promise<JobResponse> {
    const workshop = await this.workshops.current()
    const id = await this.jobs.create(workshop.id, emptyJob(title))
    const made = await this.open(id)
    if (!made.ok) throw new Error(`job ${id} is gone right after it was made`)
    return made.value
  }

  async open(id: string): Promise<Result<JobResponse, JobError>> {
    const workshop = await this.workshops.current()
    const job = await this.jobs.find(workshop.id, id)
    if (!job) return err({ code: 'noSuchJob' })
    const [vehicle, fuel] = [sectionOf(job, 'vehicle'), sectionOf(job, 'fuel')]
    return ok({
      id: job.id,
      sections: {
        vehicle: { ...versioned(vehicle), value: vehicle.value },
        fuel: { ...versioned(fuel), value: fuel.value },
      },
    } as JobResponse)
  }

  async write<S extends SectionName>(
    id: string,
    section: S,
    baseVersion: number,
    value: JobDocument[S],
  ): Promise<Result<SectionSaved, JobError>> {
    const workshop = await this.workshops.current()
    const outcome = await this.jobs.writeSection(workshop.id, id, section, baseVersion, value)
    switch (outcome.kind) {
      case 'written':
        return ok({ version: outcome.version, savedAt: outcome.savedAt.toISOString() })
      case 'stale':
        return err({ code: 'stale', current: versioned(outcome.current) })
      case 'noSuchJob':
        return err({ code: 'noSuchJob' })
    }
  }
}

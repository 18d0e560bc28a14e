import { Injectable } from '@nestjs/common'
import sharp from 'sharp'
import { DataSource } from 'typeorm'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import { PhotosRepository, type PhotoRow } from '../records/photos.repository.ts'
import { RecordsRepository } from '../records/records.repository.ts'
import { reencode } from '../records/reencode.ts'
import { PersonEntity } from '../workshop/person.entity.ts'
import { hashOfPassword } from '../workshop/secrets.ts'
import { WorkshopEntity } from '../workshop/workshop.entity.ts'
import { DEMO_JOBS, DEMO_WORKSHOP } from './demoJobs.ts'
import { DEMO_PASSWORD, DEMO_PEOPLE } from './demoPeople.ts'
import { DEMO_PHOTOS, demoRecords } from './demoRecords.ts'
import { workTime } from './workTime.ts'

/** Puts the demo workshop, its people, jobs and log books into an empty store; what is there is left alone. */
@Injectable()
export class DemoStore {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsRepository,
    private readonly records: RecordsRepository,
    private readonly photos: PhotosRepository,
  ) {}

  async fill(): Promise<void> {
    const workshopId = await this.workshop()
    await this.people(workshopId)
    if (await this.jobs.isEmpty(workshopId)) await this.book(workshopId)
  }

  private async workshop(): Promise<string> {
    const workshops = this.database.getRepository(WorkshopEntity)
    const [known] = await workshops.find({ take: 1 })
    if (known) return known.id
    await workshops.insert(DEMO_WORKSHOP)
    return DEMO_WORKSHOP.id
  }

  private async people(workshopId: string): Promise<void> {
    const people = this.database.getRepository(PersonEntity)
    if (await people.existsBy({ workshopId })) return
    const passwordHash = await hashOfPassword(DEMO_PASSWORD)
    await people.insert(
      DEMO_PEOPLE.map((p) => ({
        ...p,
        workshopId,
        active: true,
        passwordHash,
        preferences: { units: {}, theme: null, english: null },
      })),
    )
  }

  private async book(workshopId: string): Promise<void> {
    const now = new Date()
    const photos: { readonly jobId: string; readonly photo: PhotoRow }[] = []
    for (const { jobId, photoId, svg } of DEMO_PHOTOS) {
      const made = await reencode(await sharp(Buffer.from(svg)).png().toBuffer())
      if (!made.ok) throw new Error(`the demo’s drawing ${photoId} is no picture: ${made.error.found}`)
      photos.push({ jobId, photo: { id: photoId, ...made.value } })
    }
    // All of it or nothing: a server that is killed over it finds an empty store again.
    await this.database.transaction(async (manager) => {
      for (const { id, document, daysAgo, daysInState } of DEMO_JOBS) {
        const [stateSince, createdAt] = [workTime(now, daysInState, 0), workTime(now, daysAgo, 0)]
        const job = { id, document, who: DEMO_PEOPLE[1].name, stateSince, createdAt }
        await this.jobs.create(workshopId, job, manager)
      }
      for (const { jobId, photo } of photos) await this.photos.add(workshopId, jobId, photo, manager)
      for (const { jobId, records } of demoRecords(now)) await this.records.add(workshopId, jobId, records, manager)
    })
  }
}

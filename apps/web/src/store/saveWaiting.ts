import { JOB_SCHEMA_VERSION } from '@lochmoor/contract'
import { outbox } from './outbox.ts'
import type { OutboxEntry } from './outboxEntries.ts'
import { personNow } from './sessionStore.ts'

const asText = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.onerror = () => reject(reader.error ?? new Error('a photograph could not be read'))
    reader.readAsDataURL(blob)
  })

const plain = async (e: OutboxEntry): Promise<object> => (e.kind === 'photo' ? { ...e, blob: await asText(e.blob) } : e)

/** Everything of the person who sits here that waits, as the text of a file. */
export const waitingAsText = async (): Promise<string> =>
  JSON.stringify(
    { edits: 'Lochmoor, edits that are not stored yet', schemaVersion: JOB_SCHEMA_VERSION, waiting: await Promise.all(outbox.of(personNow()).map(plain)) }, // prettier-ignore
    null,
    2,
  )

/** Offers it as a download. */
export const saveWaiting = async (): Promise<void> => {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([await waitingAsText()], { type: 'application/json' }))
  link.download = 'lochmoor-waiting-edits.json'
  link.click()
  URL.revokeObjectURL(link.href)
}

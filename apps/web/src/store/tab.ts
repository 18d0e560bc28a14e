/** This page, told apart from the other pages of the browser for as long as it is open. */
export const TAB = crypto.randomUUID()

const nameOf = (tab: string): string => `lochmoor page ${tab}`
/** Missing in old browsers and on pages without a secure origin. */
const locks = (): LockManager | undefined => ('locks' in navigator ? navigator.locks : undefined)

/** Held until the page is gone, however it goes: the browser itself lets go of it then. */
export const stayKnown = (): void => {
  locks()
    ?.request(nameOf(TAB), () => new Promise<never>(() => undefined))
    .catch((e: unknown) => console.warn('this page cannot be told apart from others', e))
}
stayKnown()

/** Whether the page that wrote something is still open; unknown pages are gone. */
export const openTabs = async (): Promise<(tab: string | undefined) => boolean> => {
  const held = (await locks()?.query())?.held ?? []
  const names = new Set(held.map((l) => l.name))
  return (tab) => tab === TAB || (tab !== undefined && names.has(nameOf(tab)))
}

const watched = new Set<string>()
/** Does something once another page is gone: its lock is granted then, and given back at once. */
export const onceGone = (tab: string, act: () => void): void => {
  const manager = locks()
  if (!manager || watched.has(tab)) return
  watched.add(tab)
  manager
    .request(nameOf(tab), () => Promise.resolve())
    .then(() => {
      watched.delete(tab)
      act()
    })
    .catch((e: unknown) => console.warn('a page that closes will not be noticed', e))
}

/** Does something that only one page may do at a time; where the browser has no locks there is one page for all we know. */
export const alone = <T>(what: string, work: () => Promise<T>): Promise<T> => {
  const manager = locks()
  return manager ? manager.request(`lochmoor ${what}`, work) : work()
}

/** What one page tells the others of its browser. */
export type Told =
  | { readonly kind: 'waiting' }
  | {
      readonly kind: 'stored'
      readonly jobId: string
      readonly section: string
      readonly version: number
      readonly value: unknown
      readonly savedAt: string
    }

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('lochmoor')
export const tellOthers = (told: Told): void => channel?.postMessage(told)
export const hearOthers = (act: (told: Told) => void): void => {
  if (channel) channel.onmessage = ({ data }: MessageEvent<Told>) => act(data)
}

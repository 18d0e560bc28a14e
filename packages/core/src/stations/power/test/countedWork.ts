/** What takes long, by name, each time it is really worked out. */
export const worked: string[] = []

type Module = Readonly<Record<string, (...of: unknown[]) => unknown>>

/** A module one of whose functions is counted. */
export const counted = (real: Module, name: string): Module => ({
  ...real,
  [name]: (...of) => {
    worked.push(name)
    return real[name]!(...of)
  },
})

/** One pin of an ECU's connectors and what it is for. */
export interface EcuPin {
  readonly pin: string
  /** "injector-1", "sensor-earth", … */
  readonly does: string
}

export interface Pinout {
  readonly pins: readonly EcuPin[]
  /** Entries that are no pin with a word for what it does. */
  readonly faults: readonly string[]
  /** Pins that stand there twice. */
  readonly twice: readonly string[]
}

/** Pins from their text in the catalogue: "A1 injector-1; A2 injector-2". Empty without one. */
export const readPinout = (text: string | null): Pinout => {
  const pins: EcuPin[] = []
  const faults: string[] = []
  const twice: string[] = []
  for (const entry of (text ?? '').split(';')) {
    const words = entry.trim()
    if (words === '') continue
    const [, pin, does] = /^(\S+)\s+(\S+)$/.exec(words) ?? []
    if (pin === undefined || does === undefined) faults.push(words)
    else {
      if (pins.some((p) => p.pin === pin)) twice.push(pin)
      pins.push({ pin, does })
    }
  }
  return { pins, faults, twice: [...new Set(twice)] }
}

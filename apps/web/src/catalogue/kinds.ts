import { PART_KINDS, type PartKind } from '@lochmoor/contract'

export const KIND_TITLES: Readonly<Record<PartKind, string>> = {
  pumps: 'Pumps',
  injectors: 'Injectors',
  hoses: 'Hose and tube',
  fittings: 'Hose ends',
  filters: 'Filters',
  regulators: 'Regulators',
  controllers: 'ECUs',
  sensors: 'Oxygen sensors',
  bungs: 'Sensor bungs',
}
/** One of them, in a sentence. */
export const KIND_ONE: Readonly<Record<PartKind, string>> = {
  pumps: 'pump',
  injectors: 'injector',
  hoses: 'hose or tube',
  fittings: 'hose end',
  filters: 'filter',
  regulators: 'regulator',
  controllers: 'ECU',
  sensors: 'oxygen sensor',
  bungs: 'sensor bung',
}

export const isKind = (word: string): word is PartKind => (PART_KINDS as readonly string[]).includes(word)

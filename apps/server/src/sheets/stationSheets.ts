import type { Paper } from '@lochmoor/contract'
import type { Catalogue, JobDocument, Station, UnitChoice } from '@lochmoor/core'
import { engineTopSheet } from './engineTopSheet.ts'
import { exhaustSheet } from './exhaustSheet.ts'
import { fuelSheet } from './fuelSheet.ts'
import type { SheetHead } from './stationSheetHead.ts'
import { harnessSheet } from './harnessSheet.ts'
import { powerSheet } from './powerSheet.ts'
import { systemSheet } from './systemSheet.ts'
import { walkAroundSheet } from './walkAroundSheet.ts'

type MakeSheet = (
  job: JobDocument,
  catalogue: Catalogue,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
) => Promise<Buffer>

/** The working sheet of each station that has one. */
export const STATION_SHEETS: Readonly<Partial<Record<Station, MakeSheet>>> = {
  walkAround: walkAroundSheet,
  system: systemSheet,
  fuel: fuelSheet,
  exhaust: exhaustSheet,
  engineTop: engineTopSheet,
  power: powerSheet,
  harness: harnessSheet,
}

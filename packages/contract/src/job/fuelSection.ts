import type { FuelSection, FuelTank, LineDesign, LineLeg } from '@lochmoor/core'
import { z } from 'zod'
import { oneOf, wholeFigure } from '../field/figure.ts'
import { FIELD_RANGES } from './fieldRanges.ts'
import { flag, known, knownWhole } from './knownFields.ts'
import {
  FilterPartSchema,
  FittingPartSchema,
  HosePartSchema,
  InjectorPartSchema,
  PumpPartSchema,
  RegulatorPartSchema,
} from './parts.ts'

const NAME = 'allowed: 1 to 60 characters'
const MOST_LEGS = 40

const LegSchema = z.strictObject({
  name: z.string({ error: NAME }).trim().min(1, { error: NAME }).max(60, { error: NAME }),
  hose: HosePartSchema.nullable(),
  lengthM: known('line.leg.lengthM'),
  bends90: wholeFigure(FIELD_RANGES['line.leg.bends90']),
  bends45: wholeFigure(FIELD_RANGES['line.leg.bends45']),
  bendRadiusM: known('line.leg.bendRadiusM'),
  start: FittingPartSchema.nullable(),
  end: FittingPartSchema.nullable(),
  moves: oneOf(['no', 'tank', 'engine', 'inside']),
  exhaustGapM: known('line.leg.exhaustGapM'),
  sleeved: flag,
  nearMotion: flag,
  panels: wholeFigure(FIELD_RANGES['line.leg.panels']),
}) satisfies z.ZodType<LineLeg>

export const LineDesignSchema = z.strictObject({
  hose: HosePartSchema.nullable(),
  measuredBoreM: known('line.measuredBoreM'),
  lengthM: known('line.lengthM'),
  riseM: known('line.riseM'),
  bends90: wholeFigure(FIELD_RANGES['line.bends90']),
  bends45: wholeFigure(FIELD_RANGES['line.bends45']),
  connectors: wholeFigure(FIELD_RANGES['line.connectors']),
  legs: z.array(LegSchema).max(MOST_LEGS, { error: `allowed: at most ${MOST_LEGS} legs` }),
}) satisfies z.ZodType<LineDesign>

const FuelTankSchema = z.strictObject({
  hangerM: known('fuel.tank.hangerM'),
  mostHangerM: known('fuel.tank.mostHangerM'),
  floorClearanceM: known('fuel.tank.floorClearanceM'),
  hatHeightM: known('fuel.tank.hatHeightM'),
  fittingHeightM: known('fuel.tank.fittingHeightM'),
  bendRadiusM: known('fuel.tank.bendRadiusM'),
  tiltDeg: known('fuel.tank.tiltDeg'),
  hingeToHatM: known('fuel.tank.hingeToHatM'),
  swingRoomM: known('fuel.tank.swingRoomM'),
  lowerM: known('fuel.tank.lowerM'),
  lowM3: known('fuel.tank.lowM3'),
  floorLengthM: known('fuel.tank.floorLengthM'),
  floorWidthM: known('fuel.tank.floorWidthM'),
  fromFrontM: known('fuel.tank.fromFrontM'),
  fromLeftM: known('fuel.tank.fromLeftM'),
  pickUpHeightM: known('fuel.tank.pickUpHeightM'),
  potM3: known('fuel.tank.potM3'),
  lossWK: known('fuel.tank.lossWK'),
  returnWarmerK: known('fuel.tank.returnWarmerK'),
  hotDayK: known('fuel.tank.hotDayK'),
  rollOverValve: flag.nullable(),
  ventLoop: flag.nullable(),
  ventEnds: oneOf(['outside-down', 'inside', 'canister']).nullable(),
  senderEmptyOhm: known('fuel.tank.senderEmptyOhm'),
  senderFullOhm: known('fuel.tank.senderFullOhm'),
  gaugeEmptyOhm: known('fuel.tank.gaugeEmptyOhm'),
  gaugeFullOhm: known('fuel.tank.gaugeFullOhm'),
}) satisfies z.ZodType<FuelTank>

export const FuelSectionSchema = z.strictObject({
  ethanolShare: known('fuel.ethanolShare'),
  fuelTemperatureK: known('fuel.fuelTemperatureK'),
  systemType: oneOf(['return', 'single-line']).nullable(),
  injectionPlace: oneOf(['above-plate', 'below-plate', 'port']).nullable(),
  setPressurePa: known('fuel.setPressurePa'),
  referenced: flag,
  pump: PumpPartSchema.nullable(),
  pumpCount: wholeFigure(FIELD_RANGES['fuel.pumpCount']),
  strainer: FilterPartSchema.nullable(),
  filter: FilterPartSchema.nullable(),
  filterPosition: oneOf(['before-regulator', 'after-regulator']),
  regulator: RegulatorPartSchema.nullable(),
  feed: LineDesignSchema,
  return: LineDesignSchema,
  suction: LineDesignSchema,
  vent: LineDesignSchema,
  oldLine: z.strictObject({
    keeps: oneOf(['feed', 'return']).nullable(),
    outsideM: known('fuel.oldLine.outsideM'),
    wallM: known('fuel.oldLine.wallM'),
    joints: oneOf(['flared', 'compression', 'hose-and-clip', 'soldered']).nullable(),
    provedPa: known('fuel.oldLine.provedPa'),
  }),
  injector: InjectorPartSchema.nullable(),
  injectorCount: knownWhole('fuel.injectorCount'),
  openingsPerCycle: knownWhole('fuel.openingsPerCycle'),
  lowV: known('fuel.lowV'),
  runningV: known('fuel.runningV'),
  highV: known('fuel.highV'),
  reidPa: known('fuel.reidPa'),
  altitudeM: known('fuel.altitudeM'),
  hotFuelK: known('fuel.hotFuelK'),
  inletHeadM: known('fuel.inletHeadM'),
  primeS: known('fuel.primeS'),
  railM3: known('fuel.railM3'),
  tank: FuelTankSchema,
  safety: z.strictObject({
    stopsWithEngine: flag.nullable(),
    inertiaSwitch: flag.nullable(),
    fused: flag.nullable(),
  }),
}) satisfies z.ZodType<FuelSection>

import type { PartKind } from '../job/parts.ts'

/** One column of a list of parts: its heading, the field it holds and how its text is read. */
export interface PartColumn {
  readonly header: string
  /** Dotted path into the part. */
  readonly path: string
  readonly reads: 'text' | 'number' | 'flag' | 'list' | 'curve' | 'dead-times'
  /** SI value = written × factor + offset. */
  readonly factor: number
  readonly offset?: number
  readonly unit: string
}

const text = (header: string, path: string): PartColumn => ({ header, path, reads: 'text', factor: 1, unit: '' })
const number = (header: string, path: string, factor = 1, unit = ''): PartColumn => ({
  header: unit === '' ? header : `${header} ${unit}`,
  path,
  reads: 'number',
  factor,
  unit,
})
const celsius = (header: string, path: string): PartColumn => ({ ...number(header, path, 1, '°C'), offset: 273.15 })
const flag = (header: string, path: string): PartColumn => ({ header, path, reads: 'flag', factor: 1, unit: '' })

const MM = 1e-3
const KPA = 1e3
const LITRES_PER_HOUR = 1 / 3.6e6
const CC_PER_MINUTE = 1e-6 / 60

const common = [text('id', 'id'), text('name', 'name'), number('price class', 'priceClass')]

/** Columns of each kind, in the units of data sheets. The same list is written and read. */
export const PART_COLUMNS: Readonly<Record<PartKind, readonly PartColumn[]>> = {
  pumps: [
    ...common,
    text('mount', 'mount'),
    text('works as', 'works'),
    number('relief valve', 'reliefPa', KPA, 'kPa'),
    number('first table at', 'tables.0.voltageV', 1, 'V'),
    { header: 'first table kPa:L/h:A', path: 'tables.0.points', reads: 'curve', factor: 1, unit: '' },
    number('second table at', 'tables.1.voltageV', 1, 'V'),
    { header: 'second table kPa:L/h:A', path: 'tables.1.points', reads: 'curve', factor: 1, unit: '' },
    number('noise class', 'noiseClass'),
    number('hanger', 'hangerM', MM, 'mm'),
    number('hat', 'hatHeightM', MM, 'mm'),
  ],
  injectors: [
    ...common,
    text('use', 'use'),
    number('flow', 'ratedFlowM3S', CC_PER_MINUTE, 'cc/min'),
    number('at', 'ratedPressurePa', KPA, 'kPa'),
    number('dead time', 'deadTimeS', MM, 'ms'),
    { header: 'dead times V:ms', path: 'deadTimes', reads: 'dead-times', factor: 1, unit: '' },
    number('minimum opening', 'leastEffectiveS', MM, 'ms'),
    number('stands', 'mostPressurePa', KPA, 'kPa'),
  ],
  hoses: [
    ...common,
    text('kind', 'kind'),
    number('bore', 'boreM', MM, 'mm'),
    number('roughness', 'roughnessM', 1e-6, 'µm'),
    number('stands', 'mostPressurePa', KPA, 'kPa'),
    number('ethanol', 'mostEthanolShare', 0.01, '%'),
    number('dash', 'dash'),
    number('outside', 'outsideM', MM, 'mm'),
    number('minimum bend', 'leastBendRadiusM', MM, 'mm'),
    number('sold in', 'stockM', 1, 'm'),
    flag('may lie in fuel', 'immersible'),
    flag('conducts', 'conductive'),
  ],
  fittings: [
    ...common,
    text('make', 'make'),
    number('dash', 'dash'),
    number('angle', 'angleDeg', 1, 'deg'),
    text('thread', 'thread'),
    { header: 'fits', path: 'fits', reads: 'list', factor: 1, unit: '' },
    number('loss K', 'lossK'),
    number('takes up', 'takesUpM', MM, 'mm'),
    number('stands', 'mostPressurePa', KPA, 'kPa'),
  ],
  filters: [
    ...common,
    text('use', 'use'),
    number('fineness', 'finenessM', 1e-6, 'µm'),
    number('drop', 'dropPa', KPA, 'kPa'),
    number('at', 'flowM3S', LITRES_PER_HOUR, 'L/h'),
    number('linear share', 'linearShare'),
    number('due at times', 'dueFactor'),
    number('holds', 'capacityKg', 1e-3, 'g'),
    text('mount', 'mount'),
    flag('one way', 'directional'),
    number('stands', 'mostPressurePa', KPA, 'kPa'),
  ],
  regulators: [
    ...common,
    text('type', 'type'),
    number('from', 'leastPa', KPA, 'kPa'),
    number('to', 'mostPa', KPA, 'kPa'),
    number('open drop', 'fullOpen.dropPa', KPA, 'kPa'),
    number('at', 'fullOpen.flowM3S', LITRES_PER_HOUR, 'L/h'),
    number('rise per 100 L/h', 'slopePaPerM3S', KPA / (100 * LITRES_PER_HOUR), 'kPa'),
    flag('reference port', 'referencePort'),
    text('sits', 'sits'),
    number('stands', 'mostPressurePa', KPA, 'kPa'),
  ],
  controllers: [
    ...common,
    number('injector drivers', 'injectorDrivers'),
    number('ignition outputs', 'ignitionOutputs'),
    number('switched outputs', 'switchedOutputs'),
    flag('idle valve', 'idleValve'),
    flag('tachometer', 'tachOutput'),
    number('trigger inputs', 'triggerInputs'),
    number('analogue inputs', 'analogueInputs'),
    number('oxygen sensors', 'oxygenSensors'),
    flag('sequential', 'sequential'),
    flag('gearbox', 'gearbox'),
    number('resets below', 'leastV', 1, 'V'),
    number('rides through', 'rideThroughS', 1e-3, 'ms'),
    text('pins', 'pinout'),
    number('digital inputs', 'digitalInputs'),
    flag('knock input', 'knockInput'),
    text('connectors', 'connectors'),
    text('revision', 'revision'),
    text('pump switch', 'pumpSwitch'),
    text('market switch', 'marketSwitch'),
  ],
  sensors: [
    ...common,
    text('kind', 'kind'),
    flag('heated', 'heated'),
    celsius('gas', 'mostGasK'),
    celsius('gas for minutes', 'mostGasShortK'),
    celsius('hexagon', 'mostHexagonK'),
    celsius('cable end', 'mostCableK'),
    number('stands off', 'standsOffM', MM, 'mm'),
    number('across flats', 'hexagonM', MM, 'mm'),
    number('cable', 'cableM', 1, 'm'),
    number('minimum bend', 'leastBendRadiusM', MM, 'mm'),
    text('thread', 'thread'),
    number('tighten', 'tightenNm', 1, 'N m'),
    number('on leaded fuel', 'leadedS', 3600, 'h'),
    flag('calibrated lead', 'calibratedLead'),
  ],
  bungs: [
    ...common,
    text('kind', 'kind'),
    text('thread', 'thread'),
    number('hole', 'holeM', MM, 'mm'),
    number('length', 'lengthM', MM, 'mm'),
    number('pipe from', 'leastPipeM', MM, 'mm'),
    number('pipe to', 'mostPipeM', MM, 'mm'),
    number('saddle radius', 'saddleRadiusM', MM, 'mm'),
    number('saddle width', 'saddleWidthM', MM, 'mm'),
    number('gasket', 'gasketM', MM, 'mm'),
    number('bolt thread', 'boltThreadM', MM, 'mm'),
    number('nut', 'nutM', MM, 'mm'),
    number('bands', 'bands'),
    text('metal', 'metal'),
  ],
}

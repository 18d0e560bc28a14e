export { DEMO_STORY } from './demo/demoStory.ts'
export * from './catalogue/ownParts.ts'
export { partFromCells, partHeaders, partToCells, type CellProblem, type ReadPart } from './catalogue/partCells.ts'
export { PART_COLUMNS, type PartColumn } from './catalogue/partColumns.ts'
export * from './calculators/engineTop.ts'
export * from './calculators/engineTopPlaces.ts'
export * from './calculators/fuelAndEngine.ts'
export * from './calculators/fuelCircuit.ts'
export { asNetworkCase, DcNetworkInput, DcNetworkOutput, dcNetworkProblems } from './calculators/dcNetwork.ts'
export * from './calculators/exhaustStation.ts'
export * from './calculators/fuelStation.ts'
export * from './calculators/power.ts'
export * from './calculators/harness.ts'
export * from './calculators/harnessBench.ts'
export { asRouteCase, HarnessRouteInput, HarnessRouteOutput, harnessRouteProblems } from './calculators/harnessRoute.ts'
export { RANGES } from './calculators/ranges.ts'
export { explainProblem, explainProblems, MOST_PROBLEMS, type FieldProblem } from './field/explainProblems.ts'
export { explainRange, figure, oneOf, range, wholeFigure } from './field/figure.ts'
export {
  JOB_SCHEMA_VERSION,
  JobDocumentSchema,
  JobTitle,
  SECTION_NAMES,
  SECTION_SCHEMAS,
  SectionNameSchema,
  type SectionName,
} from './job/jobDocument.ts'
export * from './job/jobRequests.ts'
export { CatalogueSchema, PART_KINDS, PART_SCHEMAS, PartKindSchema, type PartKind } from './job/parts.ts'
export { JOB_MIGRATIONS, migrateSections, PARTS_SAY_SINCE, type JobMigration } from './job/migrations.ts'
export { repointField, type SectionVersions } from './job/repointRecords.ts'
export * from './people/people.ts'
export * from './records/jobFile.ts'
export * from './records/records.ts'
export * from './sheets/sheetQuery.ts'

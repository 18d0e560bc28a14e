import {
  JobId,
  LoomFile,
  PartListQuery,
  SheetQuery,
  StationPath,
  TemplateQuery,
  TemplateSvgQuery,
} from '@lochmoor/contract'
import { Controller, Get, HttpException, Param, Query, StreamableFile } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import { GuestsToo, Who, type Caller } from '../workshop/caller.ts'
import { SheetsService, type Asker, type MadeFile } from './sheets.service.ts'
import { unitsWanted } from './unitsWanted.ts'

const asFile = (made: MadeFile | null, type: string, ending: string): StreamableFile => {
  if (!made) throw new HttpException({ code: 'noSuchJob', message: 'There is no job with this id here.' }, 404)
  const name = encodeURIComponent(`${made.name.replace(/[/:*?"<>|]/g, '-')}.${ending}`)
  return new StreamableFile(made.bytes, { type, disposition: `attachment; filename*=UTF-8''${name}` })
}

const LOOM_TYPES: Readonly<Record<string, string>> = {
  pdf: 'application/pdf',
  csv: 'text/csv; charset=utf-8',
  svg: 'image/svg+xml; charset=utf-8',
  dxf: 'image/vnd.dxf; charset=utf-8',
}

/** A guest takes turns with everybody who came by the same link. */
const askerOf = (caller: Caller): Asker => ({
  workshopId: caller.workshopId,
  asker: caller.kind === 'person' ? caller.personId : caller.token,
  isGuest: caller.kind === 'guest',
})

@ApiTags('sheets')
@Controller('jobs/:id')
@GuestsToo()
export class SheetsController {
  constructor(private readonly sheets: SheetsService) {}

  @Get('drill-template.pdf')
  async template(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: TemplateQuery }) { paper, sensor, english }: TemplateQuery,
  ): Promise<StreamableFile> {
    return asFile(await this.sheets.template(askerOf(caller), id, sensor, paper, english), 'application/pdf', 'pdf')
  }

  @Get('drill-template.svg')
  async templateSvg(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: TemplateSvgQuery }) { sensor, english }: TemplateSvgQuery,
  ): Promise<StreamableFile> {
    const made = await this.sheets.template(askerOf(caller), id, sensor, 'svg', english)
    return asFile(made, 'image/svg+xml; charset=utf-8', 'svg')
  }

  @Get('tightening-card.pdf')
  async tighteningCard(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: SheetQuery }) { paper, units, english }: SheetQuery,
  ): Promise<StreamableFile> {
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.tighteningCard(askerOf(caller), id, paper, wanted), 'application/pdf', 'pdf')
  }

  @Get('continuity-sheet.pdf')
  async continuitySheet(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: SheetQuery }) { paper, units, english }: SheetQuery,
  ): Promise<StreamableFile> {
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.continuitySheet(askerOf(caller), id, paper, wanted), 'application/pdf', 'pdf')
  }

  @Get('thermistors.csv')
  async thermistors(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: PartListQuery }) { units, english }: PartListQuery,
  ): Promise<StreamableFile> {
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.thermistors(askerOf(caller), id, wanted), 'text/csv; charset=utf-8', 'csv')
  }

  @Get('loom/:file')
  async loom(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Param('file', { schema: LoomFile }) file: LoomFile,
    @Query({ schema: SheetQuery }) { paper, units, english }: SheetQuery,
  ): Promise<StreamableFile> {
    const ending = file.slice(file.indexOf('.') + 1)
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.loom(askerOf(caller), id, file, paper, wanted), LOOM_TYPES[ending]!, ending)
  }

  @Get('survey.csv')
  async survey(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: PartListQuery }) { units, english }: PartListQuery,
  ): Promise<StreamableFile> {
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.survey(askerOf(caller), id, wanted), 'text/csv; charset=utf-8', 'csv')
  }

  @Get('entries.csv')
  async entries(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: PartListQuery }) { units, english }: PartListQuery,
  ): Promise<StreamableFile> {
    if (caller.kind === 'guest')
      throw new HttpException({ code: 'forbidden', message: 'Guests read the summary and the job log.' }, 403)
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.entries(askerOf(caller), id, wanted), 'text/csv; charset=utf-8', 'csv')
  }

  @Get('purchases.csv')
  async purchases(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: PartListQuery }) { units, english }: PartListQuery,
  ): Promise<StreamableFile> {
    if (caller.kind === 'guest')
      throw new HttpException({ code: 'forbidden', message: 'Prices are not for guests.' }, 403)
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.purchases(askerOf(caller), id, wanted), 'text/csv; charset=utf-8', 'csv')
  }

  @Get(':station/sheet.pdf')
  async sheet(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Param('station', { schema: StationPath }) station: string,
    @Query({ schema: SheetQuery }) { paper, units, english }: SheetQuery,
  ): Promise<StreamableFile> {
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.sheet(askerOf(caller), id, station, paper, wanted), 'application/pdf', 'pdf')
  }

  @Get(':station/parts.csv')
  async parts(
    @Who() caller: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Param('station', { schema: StationPath }) station: string,
    @Query({ schema: PartListQuery }) { units, english }: PartListQuery,
  ): Promise<StreamableFile> {
    const wanted = { units: unitsWanted(units), english }
    return asFile(await this.sheets.parts(askerOf(caller), id, station, wanted), 'text/csv; charset=utf-8', 'csv')
  }
}

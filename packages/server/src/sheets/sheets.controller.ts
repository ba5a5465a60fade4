import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  Post,
  StreamableFile,
} from '@nestjs/common';
import {
  ApiOperation,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiTags,
} from '@nestjs/swagger';
import {
  CurrentFirm,
  CurrentPerson,
  ForTechnicians,
  Public,
  type SignedIn,
} from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { PHOTO_POLICY, PHOTO_SCHEMA, photoFile } from '../photos/photo-file.js';
import {
  HouseholdAnswer,
  LinkAnswer,
  LinkFields,
  SharedSheet,
  SheetAnswer,
  SheetFields,
  SheetListing,
} from './sheet.dto.js';
import { SheetsService } from './sheets.service.js';

const FILE = { type: 'string', format: 'binary' };
const PDF = { type: 'application/pdf', disposition: 'inline; filename="watering.pdf"' };

@ApiTags('sheets')
@Controller()
export class SheetsController {
  constructor(private readonly sheets: SheetsService) {}

  @ApiOperation({ summary: 'Lists the sheets that were left at a timer, the newest first.' })
  @Get('timers/:timerId/sheets')
  @ApiOkResponse({ type: [SheetListing] })
  @ApiProblems(404)
  list(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<SheetListing[]> {
    return this.sheets.list(firmId, timerId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Keeps the sheet that is left at a timer.' })
  @Post('timers/:timerId/sheets')
  @ApiCreatedResponse({ type: SheetAnswer })
  @ApiProblems(403, 404, 422)
  add(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() fields: SheetFields,
  ): Promise<SheetAnswer> {
    return this.sheets.add(person, timerId, fields);
  }

  @ApiOperation({ summary: 'Gives one sheet.' })
  @Get('sheets/:sheetId')
  @ApiOkResponse({ type: SheetAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('sheetId', idOf('sheet')) sheetId: string,
  ): Promise<SheetAnswer> {
    return this.sheets.one(firmId, sheetId);
  }

  @ApiOperation({ summary: 'Gives a sheet as a PDF.' })
  @Get('sheets/:sheetId/sheet.pdf')
  @ApiOkResponse({ content: { [PDF.type]: { schema: FILE } } })
  @ApiProblems(404, 422, 503)
  async pdf(
    @CurrentPerson() person: SignedIn,
    @Param('sheetId', idOf('sheet')) sheetId: string,
  ): Promise<StreamableFile> {
    return new StreamableFile(await this.sheets.pdf(person, sheetId), PDF);
  }

  @ApiOperation({ summary: 'Makes a link that leads to a sheet for some days.' })
  @Post('sheets/:sheetId/links')
  @ApiCreatedResponse({ type: LinkAnswer })
  @ApiProblems(404, 422)
  share(
    @CurrentPerson() person: SignedIn,
    @Param('sheetId', idOf('sheet')) sheetId: string,
    @Body() fields: LinkFields,
  ): Promise<LinkAnswer> {
    return this.sheets.share(person, sheetId, fields);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Withdraws a link.' })
  @Delete('links/:linkId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  withdraw(
    @CurrentPerson() person: SignedIn,
    @Param('linkId', idOf('link')) linkId: string,
  ): Promise<void> {
    return this.sheets.withdraw(person, linkId);
  }

  /** For whoever has the link: the sheet, and nothing else. */
  @Public()
  @ApiOperation({ summary: 'Gives the sheet that a link leads to, and nothing else.' })
  @Get('shared/:token')
  @Header('cache-control', 'no-store')
  @Header('referrer-policy', 'no-referrer')
  @ApiOkResponse({ type: SharedSheet })
  @ApiProblems(404)
  shared(@Param('token') token: string): Promise<SharedSheet> {
    return this.sheets.shared(token);
  }

  @Public()
  @ApiOperation({
    summary:
      'Tells what waters today and this week at the timer of a link, and what was done last.',
  })
  @Get('shared/:token/now')
  @Header('cache-control', 'no-store')
  @Header('referrer-policy', 'no-referrer')
  @ApiOkResponse({ type: HouseholdAnswer })
  @ApiProblems(404, 422, 503)
  sharedNow(@Param('token') token: string): Promise<HouseholdAnswer> {
    return this.sheets.sharedNow(token);
  }

  @Public()
  @ApiOperation({ summary: 'Gives the picture of a photo that was chosen for a link.' })
  @Get('shared/:token/photos/:photoId')
  @Header('cache-control', 'no-store')
  @Header('content-security-policy', PHOTO_POLICY)
  @ApiOkResponse({ content: PHOTO_SCHEMA })
  @ApiProblems(404)
  async sharedPhoto(
    @Param('token') token: string,
    @Param('photoId', idOf('photo')) photoId: string,
  ): Promise<StreamableFile> {
    return photoFile(await this.sheets.sharedPhoto(token, photoId));
  }

  @Public()
  @ApiOperation({ summary: 'Gives the sheet that a link leads to as a PDF.' })
  @Get('shared/:token/sheet.pdf')
  @Header('cache-control', 'no-store')
  @ApiOkResponse({ content: { [PDF.type]: { schema: FILE } } })
  @ApiProblems(404, 422, 503)
  async sharedPdf(@Param('token') token: string): Promise<StreamableFile> {
    return new StreamableFile(await this.sheets.sharedPdf(token), PDF);
  }
}

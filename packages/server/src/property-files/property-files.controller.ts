import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { PropertyFile } from '@water-clock/core/property-file';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { documentSchema } from '../platform/core-documents.js';
import { idOf } from '../platform/id.pipe.js';
import { ImportAnswer, PropertyFileFields } from './property-file.dto.js';
import { PropertyFilesService } from './property-files.service.js';

@ApiTags('property files')
@Controller()
export class PropertyFilesController {
  constructor(private readonly files: PropertyFilesService) {}

  @ApiOperation({ summary: 'Gives a whole property as a file.' })
  @Get('properties/:propertyId/file')
  @ApiOkResponse({ schema: documentSchema('PropertyFile') })
  @ApiProblems(404)
  export(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<PropertyFile> {
    return this.files.export(firmId, propertyId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Tells what an import of a property file would add and change.' })
  @Post('property-files/preview')
  @HttpCode(200)
  @ApiOkResponse({ type: ImportAnswer })
  @ApiProblems(403, 422, 503)
  preview(
    @CurrentPerson() person: SignedIn,
    @Body() { document }: PropertyFileFields,
  ): Promise<ImportAnswer> {
    return this.files.import(person, document, { isPreview: true });
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Imports a property file; nothing that is there is removed.' })
  @Post('property-files')
  @HttpCode(200)
  @ApiOkResponse({ type: ImportAnswer })
  @ApiProblems(403, 422, 503)
  import(
    @CurrentPerson() person: SignedIn,
    @Body() { document }: PropertyFileFields,
  ): Promise<ImportAnswer> {
    return this.files.import(person, document, { isPreview: false });
  }
}

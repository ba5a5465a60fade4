import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { PropertyFile } from '@water-clock/core/property-file';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { DocumentFields } from '../platform/dto.js';
import { idOf } from '../platform/id.pipe.js';
import { ImportAnswer } from './property-file.dto.js';
import { PropertyFilesService } from './property-files.service.js';

@ApiTags('property files')
@Controller()
export class PropertyFilesController {
  constructor(private readonly files: PropertyFilesService) {}

  @Get('properties/:propertyId/file')
  @ApiOkResponse({ type: Object, description: 'A property file, waterclock.property/1' })
  @ApiProblems(404)
  export(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<PropertyFile> {
    return this.files.export(firmId, propertyId);
  }

  @ForTechnicians()
  @Post('property-files/preview')
  @HttpCode(200)
  @ApiOkResponse({ type: ImportAnswer })
  @ApiProblems(403, 422)
  preview(
    @CurrentPerson() person: SignedIn,
    @Body() { document }: DocumentFields,
  ): Promise<ImportAnswer> {
    return this.files.import(person, document, { isPreview: true });
  }

  @ForTechnicians()
  @Post('property-files')
  @HttpCode(200)
  @ApiOkResponse({ type: ImportAnswer })
  @ApiProblems(403, 422)
  import(
    @CurrentPerson() person: SignedIn,
    @Body() { document }: DocumentFields,
  ): Promise<ImportAnswer> {
    return this.files.import(person, document, { isPreview: false });
  }
}

import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForOwners } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { ErasureFields, FormerPerson, PropertyErasure } from './erasure.dto.js';
import { ErasureService } from './erasure.service.js';

@ApiTags('erasure')
@Controller()
export class ErasureController {
  constructor(private readonly erasure: ErasureService) {}

  @ForOwners()
  @ApiOperation({ summary: 'Counts what would go with a property for good.' })
  @Get('properties/:propertyId/erasure')
  @ApiOkResponse({ type: PropertyErasure })
  @ApiProblems(403, 404)
  ofProperty(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<PropertyErasure> {
    return this.erasure.ofProperty(firmId, propertyId);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Erases an archived property with all that is of it, for good.' })
  @Post('properties/:propertyId/erasure')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404, 409, 422)
  eraseProperty(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
    @Body() { name }: ErasureFields,
  ): Promise<void> {
    return this.erasure.eraseProperty(firmId, propertyId, name);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Erases who the household is and how one gets in, for good.' })
  @Post('properties/:propertyId/contact-erasure')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  eraseContact(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<void> {
    return this.erasure.eraseContact(firmId, propertyId);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Lists who worked here and is still known by name.' })
  @Get('former-people')
  @ApiOkResponse({ type: [FormerPerson] })
  @ApiProblems(403)
  formerPeople(@CurrentFirm() firmId: string): Promise<FormerPerson[]> {
    return this.erasure.formerPeople(firmId);
  }

  @ForOwners()
  @ApiOperation({ summary: 'Erases the name of somebody who worked here from all that they did.' })
  @Post('former-people/:personId/erasure')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404, 422)
  erasePerson(
    @CurrentFirm() firmId: string,
    @Param('personId', idOf('person')) personId: string,
    @Body() { name }: ErasureFields,
  ): Promise<void> {
    return this.erasure.erasePerson(firmId, personId, name);
  }
}

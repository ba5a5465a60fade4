import { Body, Controller, Get, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm } from '../firms/current-firm.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { PropertiesService } from './properties.service.js';
import { PropertyAnswer, PropertyChange, PropertyFields } from './property.dto.js';

@ApiTags('properties')
@Controller('properties')
export class PropertiesController {
  constructor(private readonly properties: PropertiesService) {}

  @Get()
  @ApiOkResponse({ type: [PropertyAnswer] })
  list(@CurrentFirm() firmId: string): Promise<PropertyAnswer[]> {
    return this.properties.list(firmId);
  }

  @Post()
  @ApiCreatedResponse({ type: PropertyAnswer })
  @ApiProblems(422)
  add(@CurrentFirm() firmId: string, @Body() fields: PropertyFields): Promise<PropertyAnswer> {
    return this.properties.add(firmId, fields);
  }

  @Get(':propertyId')
  @ApiOkResponse({ type: PropertyAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<PropertyAnswer> {
    return this.properties.one(firmId, propertyId);
  }

  @Put(':propertyId')
  @ApiOkResponse({ type: PropertyAnswer })
  @ApiProblems(404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
    @Body() change: PropertyChange,
  ): Promise<PropertyAnswer> {
    return this.properties.change(firmId, propertyId, change);
  }
}

import { Body, Controller, Get, Param, Post, Put, Query } from '@nestjs/common';
import { ApiOperation, ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { PropertiesService } from './properties.service.js';
import {
  ArchivedChange,
  StandingQuery,
  PropertyAnswer,
  PropertyChange,
  NewProperty,
  PropertyPage,
  PropertyQuery,
  SetUpChange,
  TimerOfProperty,
} from './property.dto.js';

@ApiTags('properties')
@Controller('properties')
export class PropertiesController {
  constructor(private readonly properties: PropertiesService) {}

  @ApiOperation({ summary: 'Finds properties by words, with the outlook of their timers.' })
  @Get()
  @ApiOkResponse({ type: PropertyPage })
  @ApiProblems(422)
  find(@CurrentPerson() person: SignedIn, @Query() query: PropertyQuery): Promise<PropertyPage> {
    return this.properties.find(person, query);
  }

  @ApiOperation({ summary: 'Adds a property.' })
  @Post()
  @ApiCreatedResponse({ type: PropertyAnswer })
  @ApiProblems(422)
  add(@CurrentFirm() firmId: string, @Body() fields: NewProperty): Promise<PropertyAnswer> {
    return this.properties.add(firmId, fields);
  }

  @ApiOperation({ summary: 'Gives one property.' })
  @Get(':propertyId')
  @ApiOkResponse({ type: PropertyAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<PropertyAnswer> {
    return this.properties.one(firmId, propertyId);
  }

  @ApiOperation({ summary: 'Lists the timers of a property, each with its outlook.' })
  @Get(':propertyId/timers')
  @ApiOkResponse({ type: [TimerOfProperty] })
  @ApiProblems(404, 422)
  timers(
    @CurrentPerson() person: SignedIn,
    @Param('propertyId', idOf('property')) propertyId: string,
    @Query() { from }: StandingQuery,
  ): Promise<TimerOfProperty[]> {
    return this.properties.timersOf(person, propertyId, from);
  }

  @ApiOperation({ summary: 'Changes a property, made from a version of it.' })
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

  @ForTechnicians()
  @ApiOperation({
    summary: 'Leaves out steps of setting up a home, or ends the leading through it.',
  })
  @Put(':propertyId/set-up')
  @ApiOkResponse({ type: PropertyAnswer })
  @ApiProblems(403, 404, 422)
  setUp(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
    @Body() change: SetUpChange,
  ): Promise<PropertyAnswer> {
    return this.properties.setUp(firmId, propertyId, change);
  }

  @ApiOperation({ summary: 'Archives a property, or brings it back.' })
  @Put(':propertyId/archived')
  @ApiOkResponse({ type: PropertyAnswer })
  @ApiProblems(404, 422)
  setArchived(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
    @Body() { archived }: ArchivedChange,
  ): Promise<PropertyAnswer> {
    return this.properties.setArchived(firmId, propertyId, archived);
  }
}

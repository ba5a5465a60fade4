import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import {
  ApiOperation,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiTags,
} from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { WeatherAnswer, WeatherChange, WeatherFields, WeatherListing } from './weather.dto.js';
import { WeatherService } from './weather.service.js';

@ApiTags('weather')
@Controller('weather')
export class WeatherController {
  constructor(private readonly weather: WeatherService) {}

  @ApiOperation({ summary: 'Lists the weather that is known, by place.' })
  @Get()
  @ApiOkResponse({ type: [WeatherListing] })
  list(@CurrentFirm() firmId: string): Promise<WeatherListing[]> {
    return this.weather.list(firmId);
  }

  @ApiOperation({ summary: 'Gives the weather of one place.' })
  @Get(':weatherId')
  @ApiOkResponse({ type: WeatherAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('weatherId', idOf('weather')) weatherId: string,
  ): Promise<WeatherAnswer> {
    return this.weather.one(firmId, weatherId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Adds the weather of a place.' })
  @Post()
  @ApiCreatedResponse({ type: WeatherAnswer })
  @ApiProblems(403, 413, 422, 503)
  add(@CurrentPerson() person: SignedIn, @Body() fields: WeatherFields): Promise<WeatherAnswer> {
    return this.weather.add(person, fields);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Changes the weather of a place, made from a version of it.' })
  @Put(':weatherId')
  @ApiOkResponse({ type: WeatherAnswer })
  @ApiProblems(403, 404, 409, 413, 422, 503)
  change(
    @CurrentPerson() person: SignedIn,
    @Param('weatherId', idOf('weather')) weatherId: string,
    @Body() change: WeatherChange,
  ): Promise<WeatherAnswer> {
    return this.weather.change(person, weatherId, change);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Takes the weather of a place away; its homes go by none.' })
  @Delete(':weatherId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  remove(
    @CurrentFirm() firmId: string,
    @Param('weatherId', idOf('weather')) weatherId: string,
  ): Promise<void> {
    return this.weather.remove(firmId, weatherId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Brings back weather, for the homes that went by it.' })
  @Post(':weatherId/bring-back')
  @ApiCreatedResponse({ type: WeatherAnswer })
  @ApiProblems(403, 404)
  bringBack(
    @CurrentFirm() firmId: string,
    @Param('weatherId', idOf('weather')) weatherId: string,
  ): Promise<WeatherAnswer> {
    return this.weather.bringBack(firmId, weatherId);
  }
}

import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { DocumentChange, DocumentFields } from '../platform/dto.js';
import { idOf } from '../platform/id.pipe.js';
import { WeatherAnswer, WeatherListing } from './weather.dto.js';
import { WeatherService } from './weather.service.js';

@ApiTags('weather')
@Controller('weather')
export class WeatherController {
  constructor(private readonly weather: WeatherService) {}

  @Get()
  @ApiOkResponse({ type: [WeatherListing] })
  list(@CurrentFirm() firmId: string): Promise<WeatherListing[]> {
    return this.weather.list(firmId);
  }

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
  @Post()
  @ApiCreatedResponse({ type: WeatherAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: DocumentFields): Promise<WeatherAnswer> {
    return this.weather.add(firmId, fields);
  }

  @ForTechnicians()
  @Put(':weatherId')
  @ApiOkResponse({ type: WeatherAnswer })
  @ApiProblems(403, 404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('weatherId', idOf('weather')) weatherId: string,
    @Body() change: DocumentChange,
  ): Promise<WeatherAnswer> {
    return this.weather.change(firmId, weatherId, change);
  }

  @ForTechnicians()
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
}

import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentPerson, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { HomeEvent } from './history.dto.js';
import { HistoryService } from './history.service.js';

@ApiTags('properties')
@Controller()
export class HistoryController {
  constructor(private readonly history: HistoryService) {}

  @ApiOperation({
    summary: 'Lists holds, rules, messages, dues and weather of a home, the newest first.',
  })
  @Get('properties/:propertyId/events')
  @ApiOkResponse({ type: [HomeEvent] })
  @ApiProblems(404)
  events(
    @CurrentPerson() person: SignedIn,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<HomeEvent[]> {
    return this.history.events(person, propertyId);
  }
}

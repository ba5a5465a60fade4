import { Controller, Get, Query } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentFirm } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { FoundList, SearchQuery } from './search.dto.js';
import { SearchService } from './search.service.js';

@ApiTags('search')
@Controller('search')
export class SearchController {
  constructor(private readonly search: SearchService) {}

  @ApiOperation({ summary: 'Finds homes, timers, stations, open jobs and people by words.' })
  @Get()
  @ApiOkResponse({ type: FoundList })
  @ApiProblems(422)
  async find(@CurrentFirm() firmId: string, @Query() { q }: SearchQuery): Promise<FoundList> {
    return { rows: await this.search.find(firmId, q) };
  }
}

import { Controller, Get, Header, Query } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentPerson, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { ChangesPage, ChangesQuery } from './change.dto.js';
import { ChangesService } from './changes.service.js';

@ApiTags('changes')
@Controller()
export class ChangesController {
  constructor(private readonly changes: ChangesService) {}

  /** Without a property, of the whole firm: for its owner. */
  @ApiOperation({ summary: 'Lists who changed what, the newest first.' })
  @Get('changes')
  @ApiOkResponse({ type: ChangesPage })
  @ApiProblems(403, 422)
  page(@CurrentPerson() person: SignedIn, @Query() query: ChangesQuery): Promise<ChangesPage> {
    return this.changes.page(person, query);
  }

  @ApiOperation({ summary: 'Gives who changed what as a table for a spreadsheet.' })
  @Get('changes.csv')
  @Header('content-type', 'text/csv; charset=utf-8')
  @Header('content-disposition', 'attachment; filename="changes.csv"')
  @ApiOkResponse({ content: { 'text/csv': { schema: { type: 'string' } } } })
  @ApiProblems(403, 422)
  csv(@CurrentPerson() person: SignedIn, @Query() query: ChangesQuery): Promise<string> {
    return this.changes.csv(person, query);
  }
}

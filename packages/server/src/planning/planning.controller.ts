import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { BriefFields, PlannedAnswer } from './planned.dto.js';
import { PlanningService } from './planning.service.js';

@ApiTags('planning')
@Controller('plans')
export class PlanningController {
  constructor(private readonly planning: PlanningService) {}

  /** The body's document is a brief, waterclock.brief/1. Nothing is stored. */
  @ForTechnicians()
  @ApiOperation({
    summary: 'Makes the plan with the fewest programs of a brief; nothing is stored.',
  })
  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: PlannedAnswer })
  @ApiProblems(403, 422, 503)
  plan(@CurrentPerson() person: SignedIn, @Body() fields: BriefFields): Promise<PlannedAnswer> {
    return this.planning.plan(person, fields);
  }
}

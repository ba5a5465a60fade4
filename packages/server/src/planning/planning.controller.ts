import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { DocumentFields } from '../platform/dto.js';
import { PlannedAnswer } from './planned.dto.js';
import { PlanningService } from './planning.service.js';

@ApiTags('planning')
@Controller('plans')
export class PlanningController {
  constructor(private readonly planning: PlanningService) {}

  /** The body's document is a brief, waterclock.brief/1. Nothing is stored. */
  @ForTechnicians()
  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: PlannedAnswer })
  @ApiProblems(403, 422)
  plan(@Body() fields: DocumentFields): Promise<PlannedAnswer> {
    return this.planning.plan(fields);
  }
}

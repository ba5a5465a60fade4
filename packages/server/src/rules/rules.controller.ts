import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { DocumentChange, DocumentFields } from '../platform/dto.js';
import { idOf } from '../platform/id.pipe.js';
import { RuleSetAnswer } from './rule-set.dto.js';
import { RulesService } from './rules.service.js';

@ApiTags('rules')
@Controller('rule-sets')
export class RulesController {
  constructor(private readonly rules: RulesService) {}

  @Get()
  @ApiOkResponse({ type: [RuleSetAnswer] })
  list(@CurrentFirm() firmId: string): Promise<RuleSetAnswer[]> {
    return this.rules.list(firmId);
  }

  @ForTechnicians()
  @Post()
  @ApiCreatedResponse({ type: RuleSetAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: DocumentFields): Promise<RuleSetAnswer> {
    return this.rules.add(firmId, fields);
  }

  @ForTechnicians()
  @Put(':ruleSetId')
  @ApiOkResponse({ type: RuleSetAnswer })
  @ApiProblems(403, 404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('ruleSetId', idOf('rule set')) ruleSetId: string,
    @Body() change: DocumentChange,
  ): Promise<RuleSetAnswer> {
    return this.rules.change(firmId, ruleSetId, change);
  }

  @ForTechnicians()
  @Delete(':ruleSetId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  remove(
    @CurrentFirm() firmId: string,
    @Param('ruleSetId', idOf('rule set')) ruleSetId: string,
  ): Promise<void> {
    return this.rules.remove(firmId, ruleSetId);
  }
}

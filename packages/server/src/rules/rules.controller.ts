import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import {
  ApiOperation,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiTags,
} from '@nestjs/swagger';
import { CurrentFirm, ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { RuleSetAnswer, RuleSetChange, RuleSetFields } from './rule-set.dto.js';
import { RulesService } from './rules.service.js';

@ApiTags('rules')
@Controller('rule-sets')
export class RulesController {
  constructor(private readonly rules: RulesService) {}

  @ApiOperation({ summary: 'Lists the local rules of all districts.' })
  @Get()
  @ApiOkResponse({ type: [RuleSetAnswer] })
  list(@CurrentFirm() firmId: string): Promise<RuleSetAnswer[]> {
    return this.rules.list(firmId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Adds the rules of a district.' })
  @Post()
  @ApiCreatedResponse({ type: RuleSetAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: RuleSetFields): Promise<RuleSetAnswer> {
    return this.rules.add(firmId, fields);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Changes the rules of a district, made from a version of them.' })
  @Put(':ruleSetId')
  @ApiOkResponse({ type: RuleSetAnswer })
  @ApiProblems(403, 404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('ruleSetId', idOf('rule set')) ruleSetId: string,
    @Body() change: RuleSetChange,
  ): Promise<RuleSetAnswer> {
    return this.rules.change(firmId, ruleSetId, change);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Takes the rules of a district away; its homes go by none.' })
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

  @ForTechnicians()
  @ApiOperation({
    summary: 'Brings back the rules of a district, for the homes that went by them.',
  })
  @Post(':ruleSetId/bring-back')
  @ApiCreatedResponse({ type: RuleSetAnswer })
  @ApiProblems(403, 404)
  bringBack(
    @CurrentFirm() firmId: string,
    @Param('ruleSetId', idOf('rule set')) ruleSetId: string,
  ): Promise<RuleSetAnswer> {
    return this.rules.bringBack(firmId, ruleSetId);
  }
}

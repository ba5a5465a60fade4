import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { KindAnswer, KindBreak, KindChange, KindFields, KindPreviewFields } from './kind.dto.js';
import { KindsService } from './kinds.service.js';

@ApiTags('kinds')
@Controller('kinds')
export class KindsController {
  constructor(private readonly kinds: KindsService) {}

  @Get()
  @ApiOkResponse({ type: [KindAnswer] })
  list(@CurrentFirm() firmId: string): Promise<KindAnswer[]> {
    return this.kinds.list(firmId);
  }

  @ForTechnicians()
  @Post()
  @ApiCreatedResponse({ type: KindAnswer })
  @ApiProblems(403, 422)
  add(@CurrentFirm() firmId: string, @Body() fields: KindFields): Promise<KindAnswer> {
    return this.kinds.add(firmId, fields);
  }

  @ForTechnicians()
  @Put(':kindId')
  @ApiOkResponse({ type: KindAnswer })
  @ApiProblems(403, 404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('kindId', idOf('kind')) kindId: string,
    @Body() change: KindChange,
  ): Promise<KindAnswer> {
    return this.kinds.change(firmId, kindId, change);
  }

  @Post(':kindId/preview')
  @HttpCode(200)
  @ApiOkResponse({ type: [KindBreak] })
  @ApiProblems(404, 422)
  preview(
    @CurrentFirm() firmId: string,
    @Param('kindId', idOf('kind')) kindId: string,
    @Body() fields: KindPreviewFields,
  ): Promise<KindBreak[]> {
    return this.kinds.preview(firmId, kindId, fields);
  }

  @ForTechnicians()
  @Delete(':kindId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  remove(
    @CurrentFirm() firmId: string,
    @Param('kindId', idOf('kind')) kindId: string,
  ): Promise<void> {
    return this.kinds.remove(firmId, kindId);
  }
}

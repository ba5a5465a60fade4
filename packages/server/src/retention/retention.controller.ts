import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForOwners } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { KeepingFields } from './keeping.dto.js';
import { RetentionService } from './retention.service.js';

@ApiTags('retention')
@Controller('firm/keeping')
export class RetentionController {
  constructor(private readonly retention: RetentionService) {}

  @ForOwners()
  @ApiOperation({ summary: 'Tells for how long the firm keeps things.' })
  @Get()
  @ApiOkResponse({ type: KeepingFields })
  @ApiProblems(403)
  of(@CurrentFirm() firmId: string): Promise<KeepingFields> {
    return this.retention.of(firmId);
  }

  @ForOwners()
  @ApiOperation({
    summary: 'Sets for how long the firm keeps things; what is older goes by night.',
  })
  @Put()
  @ApiOkResponse({ type: KeepingFields })
  @ApiProblems(403, 422)
  set(@CurrentFirm() firmId: string, @Body() fields: KeepingFields): Promise<KeepingFields> {
    return this.retention.set(firmId, fields);
  }
}

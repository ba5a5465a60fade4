import { Controller, Get, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForOwners } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { FirmArchiveService } from './firm-archive.service.js';

const FILE = { type: 'string', format: 'binary' };
const ARCHIVE = { type: 'application/gzip', disposition: 'attachment; filename="firm.jsonl.gz"' };

@ApiTags('firm archive')
@Controller('firm')
export class FirmArchiveController {
  constructor(private readonly archives: FirmArchiveService) {}

  @ForOwners()
  @ApiOperation({ summary: 'Gives all of the firm as one file of JSON lines, compressed.' })
  @Get('archive')
  @ApiOkResponse({ content: { [ARCHIVE.type]: { schema: FILE } } })
  @ApiProblems(403, 503)
  async archive(@CurrentFirm() firmId: string): Promise<StreamableFile> {
    return new StreamableFile(await this.archives.archive(firmId), ARCHIVE);
  }
}

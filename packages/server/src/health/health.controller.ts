import { Controller, Get, type BeforeApplicationShutdown } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { InjectDataSource } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { Public } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { databaseAway } from '../platform/problem.js';

export class HealthAnswer {
  @ApiProperty({ example: 'well' }) status!: string;
}

const WELL: HealthAnswer = { status: 'well' };

/** For whoever watches over the process: whether it lives, and whether it is ready for requests. */
@ApiTags('health')
@Controller()
export class HealthController implements BeforeApplicationShutdown {
  private isEnding = false;

  constructor(@InjectDataSource() private readonly source: DataSource) {}

  beforeApplicationShutdown(): void {
    this.isEnding = true;
  }

  @Public()
  @ApiOperation({ summary: 'Tells that the process lives.' })
  @Get('health')
  @ApiOkResponse({ type: HealthAnswer })
  health(): HealthAnswer {
    return WELL;
  }

  /** 503 while the database is away, and as soon as the process has been asked to end. */
  @Public()
  @ApiOperation({ summary: 'Tells whether the process is ready for requests.' })
  @Get('ready')
  @ApiOkResponse({ type: HealthAnswer })
  @ApiProblems(503)
  async ready(): Promise<HealthAnswer> {
    if (this.isEnding) throw databaseAway();
    await this.source.query('SELECT 1').catch(() => {
      throw databaseAway();
    });
    return WELL;
  }
}

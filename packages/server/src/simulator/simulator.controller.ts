import {
  Body,
  Controller,
  Get,
  Header,
  HttpCode,
  Param,
  ParseIntPipe,
  Post,
  Put,
} from '@nestjs/common';
import { ApiOkResponse, ApiProduces, ApiProperty, ApiTags } from '@nestjs/swagger';
import { DateTime } from '@water-clock/core/documents';
import { CurrentFirm, ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { DocumentFields } from '../platform/dto.js';
import { idOf } from '../platform/id.pipe.js';
import { SimulatorService } from './simulator.service.js';

class HungUp extends DocumentFields {
  /** What its clock shows at first. */
  @ApiProperty({ example: '2026-06-01T08:00:00' })
  @DateTime()
  reads!: string;
}

/** A simulated timer in the place of one on the wall: it does what the simulator says it does. */
@ApiTags('simulator')
@Controller('timers/:timerId/simulator')
export class SimulatorController {
  constructor(private readonly simulator: SimulatorService) {}

  @Get()
  @ApiOkResponse({ type: Object })
  @ApiProblems(404)
  async state(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<unknown> {
    return (await this.simulator.ask(firmId, timerId)).json();
  }

  @ForTechnicians()
  @Put()
  @ApiOkResponse({ type: Object })
  @ApiProblems(403, 404, 422)
  async hangUp(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() body: HungUp,
  ): Promise<unknown> {
    const asked = { method: 'PUT', path: '/settings', body } as const;
    return (await this.simulator.ask(firmId, timerId, asked)).json();
  }

  /** The body is a command of the simulator, such as `{"command": "run-station", "station": 1, "seconds": 60}`. */
  @ForTechnicians()
  @Post('commands')
  @HttpCode(200)
  @ApiOkResponse({ type: Object })
  @ApiProblems(403, 404, 422)
  async command(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() body: object,
  ): Promise<unknown> {
    const asked = { method: 'POST', path: '/commands', body } as const;
    return (await this.simulator.ask(firmId, timerId, asked)).json();
  }

  @Get('stations/:station/reading')
  @ApiOkResponse({ type: Object })
  @ApiProblems(404)
  async reading(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Param('station', ParseIntPipe) station: number,
  ): Promise<unknown> {
    return (
      await this.simulator.ask(firmId, timerId, { path: `/stations/${station}/reading` })
    ).json();
  }

  @Get('log.csv')
  @Header('content-type', 'text/csv; charset=utf-8')
  @ApiProduces('text/csv')
  @ApiProblems(404)
  async log(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<string> {
    return (await this.simulator.ask(firmId, timerId, { path: '/log.csv' })).text();
  }
}

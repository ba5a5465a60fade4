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
import { ApiBody, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, ForTechnicians } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import {
  CableAnswer,
  MeterAnswer,
  SimulatedTimers,
  SimulatorAnswer,
  SimulatorSettings,
  UnitTestAnswer,
} from './simulator.dto.js';
import { SimulatorService } from './simulator.service.js';

/** The simulator knows its commands, and refuses what it does not know. */
export const COMMAND = {
  type: 'object',
  additionalProperties: true,
  properties: { command: { type: 'string' } },
  required: ['command'],
  example: { command: 'run-station', station: 1, seconds: 60 },
};

@ApiTags('simulator')
@Controller('simulated-timers')
export class SimulatedTimersController {
  constructor(private readonly simulator: SimulatorService) {}

  @ApiOperation({ summary: 'Lists the simulated timers that hang at homes of the firm now.' })
  @Get()
  @ApiOkResponse({ type: SimulatedTimers })
  async list(@CurrentFirm() firmId: string): Promise<SimulatedTimers> {
    const timers = await this.simulator.all(firmId);
    return { isRunning: timers !== null, timers: timers ?? [] };
  }
}

/** A simulated timer in the place of one on the wall: it does what the simulator says it does. */
@ApiTags('simulator')
@Controller('timers/:timerId/simulator')
export class SimulatorController {
  constructor(private readonly simulator: SimulatorService) {}

  @ApiOperation({ summary: 'Tells what the simulated timer shows and waters now.' })
  @Get()
  @ApiOkResponse({ type: SimulatorAnswer })
  @ApiProblems(404)
  async state(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<unknown> {
    return (await this.simulator.ask(firmId, timerId)).json();
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Hangs a simulated timer in the place of the one on the wall.' })
  @Put()
  @ApiOkResponse({ type: SimulatorAnswer })
  @ApiProblems(403, 404, 422)
  async hangUp(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() body: SimulatorSettings,
  ): Promise<unknown> {
    const asked = { method: 'PUT', path: '/settings', body } as const;
    return (await this.simulator.ask(firmId, timerId, asked)).json();
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Gives the simulated timer a command.' })
  @Post('commands')
  @HttpCode(200)
  @ApiBody({ schema: COMMAND })
  @ApiOkResponse({ type: SimulatorAnswer })
  @ApiProblems(403, 404, 422)
  async command(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() body: object,
  ): Promise<unknown> {
    const asked = { method: 'POST', path: '/commands', body } as const;
    return (await this.simulator.ask(firmId, timerId, asked)).json();
  }

  @ApiOperation({ summary: 'Reads a station of the simulated timer with the meter.' })
  @Get('stations/:station/reading')
  @ApiOkResponse({ type: MeterAnswer })
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

  @ApiOperation({ summary: 'Searches the two wires of the simulated timer for valve units.' })
  @Get('units')
  @ApiOkResponse({ type: CableAnswer })
  @ApiProblems(404)
  async units(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<unknown> {
    return (await this.simulator.ask(firmId, timerId, { path: '/units' })).json();
  }

  @ApiOperation({ summary: 'Tests a valve unit on the two wires of the simulated timer.' })
  @Get('units/:serial/test')
  @ApiOkResponse({ type: UnitTestAnswer })
  @ApiProblems(404)
  async testUnit(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
    @Param('serial') serial: string,
  ): Promise<unknown> {
    const path = `/units/${encodeURIComponent(serial)}/test`;
    return (await this.simulator.ask(firmId, timerId, { path })).json();
  }

  @ApiOperation({ summary: 'Gives what the simulated timer has watered, as CSV.' })
  @Get('log.csv')
  @Header('content-type', 'text/csv; charset=utf-8')
  @ApiOkResponse({ content: { 'text/csv': { schema: { type: 'string' } } } })
  @ApiProblems(404)
  async log(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<string> {
    return (await this.simulator.ask(firmId, timerId, { path: '/log.csv' })).text();
  }
}

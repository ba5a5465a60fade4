import { Body, Controller, Get, HttpCode, Post, Put, Query } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { JudgementAnswer, PlayedFields, PracticeAnswer, ReadingQuery } from './practice.dto.js';
import { COMMAND } from './simulator.controller.js';
import { CableAnswer, MeterAnswer } from './simulator.dto.js';
import { SimulatorService } from './simulator.service.js';

/** Practice of whoever is signed in: a simulated timer with something hidden in it. No home is touched. */
@ApiTags('practice')
@Controller('practice')
export class PracticeController {
  constructor(private readonly simulator: SimulatorService) {}

  @ForTechnicians()
  @ApiOperation({
    summary: 'Begins a lesson or a free case, in the place of what was begun before.',
  })
  @Put()
  @ApiOkResponse({ type: PracticeAnswer })
  @ApiProblems(403, 422, 503)
  begin(@CurrentPerson() person: SignedIn, @Body() fields: PlayedFields): Promise<unknown> {
    return this.pass(person, '', 'PUT', fields);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Tells what the timer that is practised on shows now.' })
  @Get()
  @ApiOkResponse({ type: PracticeAnswer })
  @ApiProblems(403, 404, 503)
  state(@CurrentPerson() person: SignedIn): Promise<unknown> {
    return this.pass(person, '');
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Does something at the timer that is practised on.' })
  @Post('commands')
  @HttpCode(200)
  @ApiBody({ schema: COMMAND })
  @ApiOkResponse({ type: PracticeAnswer })
  @ApiProblems(403, 404, 409, 422, 503)
  command(@CurrentPerson() person: SignedIn, @Body() body: object): Promise<unknown> {
    return this.pass(person, '/commands', 'POST', body);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Reads a station with the meter.' })
  @Get('reading')
  @ApiOkResponse({ type: MeterAnswer })
  @ApiProblems(403, 404, 422, 503)
  reading(@CurrentPerson() person: SignedIn, @Query() { station }: ReadingQuery): Promise<unknown> {
    return this.pass(person, `/stations/${station}/reading`);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Searches the two wires for valve units.' })
  @Get('units')
  @ApiOkResponse({ type: CableAnswer })
  @ApiProblems(403, 404, 503)
  units(@CurrentPerson() person: SignedIn): Promise<unknown> {
    return this.pass(person, '/units');
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Judges over the next 60 days how the timer is left now.' })
  @Post('judgement')
  @HttpCode(200)
  @ApiOkResponse({ type: JudgementAnswer })
  @ApiProblems(403, 404, 503)
  judge(@CurrentPerson() person: SignedIn): Promise<unknown> {
    return this.pass(person, '/judgement', 'POST', {});
  }

  private async pass(
    { id }: SignedIn,
    path: string,
    method: 'GET' | 'POST' | 'PUT' = 'GET',
    body?: unknown,
  ): Promise<unknown> {
    return (await this.simulator.send(`/practice/${id}${path}`, method, body)).json();
  }
}

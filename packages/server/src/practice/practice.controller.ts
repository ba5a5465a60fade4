import { Body, Controller, Get, HttpCode, Post, Put, Query } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { COMMAND } from '../simulator/simulator.controller.js';
import { CableAnswer, MeterAnswer } from '../simulator/simulator.dto.js';
import { SimulatorService } from '../simulator/simulator.service.js';
import {
  JudgementAnswer,
  PlayedFields,
  PracticeAnswer,
  ReadingQuery,
  ResultsOfPerson,
} from './practice.dto.js';
import { PracticeRunsService } from './practice-runs.service.js';

/** Practice of whoever is signed in: a simulated timer with something hidden in it. No home is touched. */
@ApiTags('practice')
@Controller('practice')
export class PracticeController {
  constructor(
    private readonly simulator: SimulatorService,
    private readonly runs: PracticeRunsService,
  ) {}

  @ForTechnicians()
  @ApiOperation({
    summary: 'Begins a lesson or a free case, in the place of what was begun before.',
  })
  @Put()
  @ApiOkResponse({ type: PracticeAnswer })
  @ApiProblems(403, 422, 503)
  async begin(@CurrentPerson() person: SignedIn, @Body() fields: PlayedFields): Promise<unknown> {
    const state = await this.pass(person, '', 'PUT', fields);
    await this.runs.begin(person, fields);
    return state;
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
  async judge(@CurrentPerson() person: SignedIn): Promise<unknown> {
    const judgement = await this.pass(person, '/judgement', 'POST', {});
    await this.runs.judged(person, judgement);
    return judgement;
  }

  @ForTechnicians()
  @ApiOperation({
    summary: 'Tells what came of practice: of whoever asks; to owners of everybody.',
  })
  @Get('results')
  @ApiOkResponse({ type: [ResultsOfPerson] })
  @ApiProblems(403)
  results(@CurrentPerson() person: SignedIn): Promise<ResultsOfPerson[]> {
    return this.runs.results(person);
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

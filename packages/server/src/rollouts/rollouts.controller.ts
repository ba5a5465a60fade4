import { Body, Controller, Get, Header, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
} from '@nestjs/swagger';
import {
  askerOf,
  CurrentFirm,
  CurrentPerson,
  ForTechnicians,
  type SignedIn,
} from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { notFound } from '../platform/problem.js';
import { idOf } from '../platform/id.pipe.js';
import { AcceptingService } from './accepting.service.js';
import {
  AcceptedTimers,
  DoneOfChange,
  NewRollout,
  RolloutAnswer,
  RolloutClosing,
  RolloutListing,
  RolloutQuery,
  RolloutTimersQuery,
  TimersOfChange,
  TimersOfRollout,
} from './rollout.dto.js';
import { RolloutWork } from './rollout-work.js';
import { RolloutsService } from './rollouts.service.js';

@ApiTags('changes of many homes')
@Controller('rollouts')
export class RolloutsController {
  constructor(
    private readonly rollouts: RolloutsService,
    private readonly accepting: AcceptingService,
    private readonly work: RolloutWork,
  ) {}

  @ApiOperation({ summary: 'Lists the changes of many homes, those that go on first.' })
  @Get()
  @ApiOkResponse({ type: [RolloutListing] })
  list(@CurrentFirm() firmId: string): Promise<RolloutListing[]> {
    return this.rollouts.list(firmId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Has a change tried on all timers that it touches.' })
  @Post()
  @ApiCreatedResponse({ type: RolloutAnswer })
  @ApiProblems(403, 422)
  begin(@CurrentPerson() person: SignedIn, @Body() fields: NewRollout): Promise<RolloutAnswer> {
    return this.rollouts.begin(person, fields);
  }

  @ApiOperation({ summary: 'Tells how far a change of many homes is.' })
  @Get(':rolloutId')
  @ApiOkResponse({ type: RolloutAnswer })
  @ApiProblems(404, 422)
  one(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Query() { on }: RolloutQuery,
  ): Promise<RolloutAnswer> {
    return this.rollouts.one(person, id, on);
  }

  @ApiOperation({ summary: 'Lists what a change comes to, timer by timer, what breaks first.' })
  @Get(':rolloutId/timers')
  @ApiOkResponse({ type: TimersOfRollout })
  @ApiProblems(404, 422)
  timers(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Query() query: RolloutTimersQuery,
  ): Promise<TimersOfRollout> {
    return this.rollouts.timers(person, id, query);
  }

  @ApiOperation({ summary: 'Gives what a change comes to as a table for a spreadsheet.' })
  @Get(':rolloutId/timers.csv')
  @Header('content-type', 'text/csv; charset=utf-8')
  @Header('content-disposition', 'attachment; filename="change.csv"')
  @ApiOkResponse({ content: { 'text/csv': { schema: { type: 'string' } } } })
  @ApiProblems(404, 422)
  csv(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Query() { on }: RolloutQuery,
  ): Promise<string> {
    return this.rollouts.csv(person, id, on);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Stops trying a change; what was found stays.' })
  @Post(':rolloutId/stop')
  @HttpCode(200)
  @ApiOkResponse({ type: RolloutAnswer })
  @ApiProblems(403, 404, 422)
  stop(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Query() { on }: RolloutQuery,
  ): Promise<RolloutAnswer> {
    return this.rollouts.stop(person, id, on);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Goes on with trying a change where it was stopped.' })
  @Post(':rolloutId/go-on')
  @HttpCode(200)
  @ApiOkResponse({ type: RolloutAnswer })
  @ApiProblems(403, 404, 422)
  goOn(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Query() { on }: RolloutQuery,
  ): Promise<RolloutAnswer> {
    return this.rollouts.goOn(person, id, on);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Takes what was worked out as the settings of some timers.' })
  @Post(':rolloutId/accept')
  @HttpCode(200)
  @ApiOkResponse({ type: DoneOfChange })
  @ApiProblems(403, 404, 422)
  accept(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Body() { timerIds }: AcceptedTimers,
  ): Promise<DoneOfChange> {
    return this.accepting.accept(person, id, timerIds);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Takes back what was accepted for some timers and not keyed in.' })
  @Post(':rolloutId/withdraw')
  @HttpCode(200)
  @ApiOkResponse({ type: DoneOfChange })
  @ApiProblems(403, 404, 422)
  withdraw(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Body() { timerIds }: TimersOfChange,
  ): Promise<DoneOfChange> {
    return this.accepting.withdraw(person, id, timerIds);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Saves the rules, or the timer type, as they were tried.' })
  @Post(':rolloutId/put-in-force')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404, 409, 422)
  putInForce(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
  ): Promise<void> {
    return this.accepting.putInForce(person, id);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Closes a change of many homes, or opens it again.' })
  @Put(':rolloutId/closed')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404, 422)
  close(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Body() { isClosed }: RolloutClosing,
  ): Promise<void> {
    return this.rollouts.close(person, id, isClosed);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Looks longer for the fewest values that fix one timer.' })
  @Post(':rolloutId/timers/:timerId/look-longer')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  async lookLonger(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<void> {
    if (!(await this.work.lookLonger(askerOf(person), id, timerId)))
      throw notFound('broken timer of this change that nobody has changed meanwhile');
  }

  @ApiOperation({ summary: 'Notes that a message to the household was opened.' })
  @Put(':rolloutId/timers/:timerId/messaged')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(404)
  messaged(
    @CurrentPerson() person: SignedIn,
    @Param('rolloutId', idOf('change')) id: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<void> {
    return this.rollouts.messaged(person, id, timerId);
  }
}

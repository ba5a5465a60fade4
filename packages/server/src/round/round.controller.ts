import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  Patch,
  Post,
  Put,
  Query,
} from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
} from '@nestjs/swagger';
import { CurrentPerson, Public, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { CalendarsService } from './calendars.service.js';
import { CalendarLinkAnswer, NewCalendarLinkAnswer } from './calendar.dto.js';
import { DueAnswerAnswer, DueAnswerFields } from './due-answer.dto.js';
import { DueAnswersService } from './due-answers.service.js';
import {
  DayOrder,
  NewPlannedVisit,
  PlannedVisitAnswer,
  PlannedVisitChange,
  PlannedVisitQuery,
} from './planned-visit.dto.js';
import { PlannedVisitsService } from './planned-visits.service.js';
import { RoundAnswer, RoundQuery } from './round.dto.js';
import { RoundService } from './round.service.js';

/** Whoever works for the firm plans visits, and says what households have done: the office too. */
@ApiTags('round')
@Controller()
export class RoundController {
  constructor(
    private readonly round: RoundService,
    private readonly planned: PlannedVisitsService,
    private readonly answers: DueAnswersService,
    private readonly calendars: CalendarsService,
  ) {}

  @ApiOperation({
    summary: 'Tells what there is to do: visits of a date, what is due, what needs somebody.',
  })
  @Get('round')
  @ApiOkResponse({ type: RoundAnswer })
  @ApiProblems(422)
  of(@CurrentPerson() person: SignedIn, @Query() query: RoundQuery): Promise<RoundAnswer> {
    return this.round.of(person, query);
  }

  @ApiOperation({ summary: 'Lists the visits that are planned from one date to another.' })
  @Get('planned-visits')
  @ApiOkResponse({ type: [PlannedVisitAnswer] })
  @ApiProblems(422)
  list(
    @CurrentPerson() person: SignedIn,
    @Query() query: PlannedVisitQuery,
  ): Promise<PlannedVisitAnswer[]> {
    return this.planned.list(person, query);
  }

  @ApiOperation({ summary: 'Plans a visit.' })
  @Post('planned-visits')
  @ApiCreatedResponse({ type: PlannedVisitAnswer })
  @ApiProblems(422)
  add(
    @CurrentPerson() person: SignedIn,
    @Body() fields: NewPlannedVisit,
  ): Promise<PlannedVisitAnswer> {
    return this.planned.add(person, fields);
  }

  @ApiOperation({ summary: 'Says in which order somebody drives.' })
  @Put('planned-visits/order')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(422)
  order(@CurrentPerson() person: SignedIn, @Body() { ids }: DayOrder): Promise<void> {
    return this.planned.order(person, ids);
  }

  @ApiOperation({ summary: 'Changes a planned visit, or moves it to another day or person.' })
  @Patch('planned-visits/:plannedVisitId')
  @ApiOkResponse({ type: PlannedVisitAnswer })
  @ApiProblems(404, 409, 422)
  change(
    @CurrentPerson() person: SignedIn,
    @Param('plannedVisitId', idOf('planned visit')) id: string,
    @Body() change: PlannedVisitChange,
  ): Promise<PlannedVisitAnswer> {
    return this.planned.change(person, id, change);
  }

  @ApiOperation({ summary: 'Takes a planned visit away.' })
  @Delete('planned-visits/:plannedVisitId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(404)
  remove(
    @CurrentPerson() person: SignedIn,
    @Param('plannedVisitId', idOf('planned visit')) id: string,
  ): Promise<void> {
    return this.planned.remove(person, id);
  }

  @ApiOperation({ summary: 'Says that a due is done other than by a visit, or puts it off.' })
  @Post('timers/:timerId/due-answers')
  @ApiCreatedResponse({ type: DueAnswerAnswer })
  @ApiProblems(404, 422)
  answer(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() fields: DueAnswerFields,
  ): Promise<DueAnswerAnswer> {
    return this.answers.add(person, timerId, fields);
  }

  @ApiOperation({ summary: 'Withdraws what was said of a due.' })
  @Delete('due-answers/:answerId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(404)
  withdrawAnswer(
    @CurrentPerson() person: SignedIn,
    @Param('answerId', idOf('answer')) id: string,
  ): Promise<void> {
    return this.answers.withdraw(person, id);
  }

  @ApiOperation({ summary: "Tells whether a link leads to one's planned visits." })
  @Get('calendar-link')
  @ApiOkResponse({ type: [CalendarLinkAnswer], description: 'None, or one' })
  async link(@CurrentPerson() person: SignedIn): Promise<CalendarLinkAnswer[]> {
    const link = await this.calendars.link(person);
    return link ? [link] : [];
  }

  @ApiOperation({
    summary: "Makes a new link to one's planned visits; the one before leads nowhere.",
  })
  @Post('calendar-link')
  @ApiCreatedResponse({ type: NewCalendarLinkAnswer })
  renewLink(@CurrentPerson() person: SignedIn): Promise<NewCalendarLinkAnswer> {
    return this.calendars.renew(person);
  }

  @ApiOperation({ summary: "Withdraws the link to one's planned visits." })
  @Delete('calendar-link')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(404)
  withdrawLink(@CurrentPerson() person: SignedIn): Promise<void> {
    return this.calendars.withdraw(person);
  }

  @Public()
  @ApiOperation({ summary: 'Gives the planned visits that a link leads to, as a calendar.' })
  @Get('calendars/:token')
  @Header('cache-control', 'no-store')
  @Header('content-type', 'text/calendar; charset=utf-8')
  @ApiOkResponse({ content: { 'text/calendar': { schema: { type: 'string' } } } })
  @ApiProblems(404)
  calendar(@Param('token') token: string): Promise<string> {
    return this.calendars.text(token.replace(/\.ics$/, ''));
  }
}

import { Body, Controller, Get, Param, Patch, Post, Put } from '@nestjs/common';
import { ApiOperation, ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { JobsService } from './jobs.service.js';
import {
  EntryAnswer,
  EntryFields,
  JobAnswer,
  JobChange,
  JobOfFirm,
  JobWork,
  StationsOfVisit,
  VisitAnswer,
  VisitChange,
  VisitFields,
  VisitListing,
} from './visit.dto.js';
import { VisitsService } from './visits.service.js';

@ApiTags('visits')
@Controller()
export class VisitsController {
  constructor(
    private readonly visits: VisitsService,
    private readonly jobs: JobsService,
  ) {}

  @ApiOperation({ summary: 'Lists the visits to a timer, the newest first.' })
  @Get('timers/:timerId/visits')
  @ApiOkResponse({ type: [VisitListing] })
  @ApiProblems(404)
  list(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<VisitListing[]> {
    return this.visits.list(firmId, timerId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Begins a visit.' })
  @Post('timers/:timerId/visits')
  @ApiCreatedResponse({ type: VisitAnswer })
  @ApiProblems(403, 404, 422)
  begin(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() fields: VisitFields,
  ): Promise<VisitAnswer> {
    return this.visits.begin(person, timerId, fields);
  }

  @ApiOperation({
    summary: 'Tells what was seen and read of stations at the last visits, the oldest first.',
  })
  @Get('timers/:timerId/stations-seen')
  @ApiOkResponse({ type: [StationsOfVisit] })
  @ApiProblems(404)
  stations(
    @CurrentFirm() firmId: string,
    @Param('timerId', idOf('timer')) timerId: string,
  ): Promise<StationsOfVisit[]> {
    return this.visits.stations(firmId, timerId);
  }

  @ApiOperation({ summary: 'Gives one visit with all that was done and seen.' })
  @Get('visits/:visitId')
  @ApiOkResponse({ type: VisitAnswer })
  @ApiProblems(404)
  one(
    @CurrentFirm() firmId: string,
    @Param('visitId', idOf('visit')) visitId: string,
  ): Promise<VisitAnswer> {
    return this.visits.one(firmId, visitId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Ends a visit, or opens it again.' })
  @Patch('visits/:visitId')
  @ApiOkResponse({ type: VisitAnswer })
  @ApiProblems(403, 404, 422)
  change(
    @CurrentPerson() person: SignedIn,
    @Param('visitId', idOf('visit')) visitId: string,
    @Body() { isEnded }: VisitChange,
  ): Promise<VisitAnswer> {
    return this.visits.change(person, visitId, isEnded);
  }

  /** The body's document is a step, a value keyed in, a station seen running, or care taken. */
  @ForTechnicians()
  @ApiOperation({ summary: 'Records what was done or seen on a visit.' })
  @Post('visits/:visitId/entries')
  @ApiCreatedResponse({ type: EntryAnswer })
  @ApiProblems(403, 404, 422)
  addEntry(
    @CurrentPerson() person: SignedIn,
    @Param('visitId', idOf('visit')) visitId: string,
    @Body() fields: EntryFields,
  ): Promise<EntryAnswer> {
    return this.visits.addEntry(person, visitId, fields);
  }

  @ApiOperation({ summary: 'Lists the jobs at a property.' })
  @Get('properties/:propertyId/jobs')
  @ApiOkResponse({ type: [JobAnswer] })
  @ApiProblems(404)
  jobsOf(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<JobAnswer[]> {
    return this.jobs.list(firmId, propertyId);
  }

  @ApiOperation({
    summary: 'Lists the jobs of the firm: all that are to be done, and those done last.',
  })
  @Get('jobs')
  @ApiOkResponse({ type: [JobOfFirm] })
  allJobs(@CurrentFirm() firmId: string): Promise<JobOfFirm[]> {
    return this.jobs.ofFirm(firmId);
  }

  @ApiOperation({ summary: 'Says what a job takes, and at which visit it is to be done.' })
  @Put('jobs/:jobId/work')
  @ApiOkResponse({ type: JobOfFirm })
  @ApiProblems(404, 409, 422)
  changeWork(
    @CurrentFirm() firmId: string,
    @Param('jobId', idOf('job')) jobId: string,
    @Body() work: JobWork,
  ): Promise<JobOfFirm> {
    return this.jobs.changeWork(firmId, jobId, work);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Says that a job is done, or is not.' })
  @Patch('jobs/:jobId')
  @ApiOkResponse({ type: JobAnswer })
  @ApiProblems(403, 404, 422)
  changeJob(
    @CurrentPerson() person: SignedIn,
    @Param('jobId', idOf('job')) jobId: string,
    @Body() { isDone }: JobChange,
  ): Promise<JobAnswer> {
    return this.jobs.change(person, jobId, isDone);
  }
}

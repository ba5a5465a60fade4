import { queryOptions } from '@tanstack/react-query';
import type { SimulatorCommand } from './simulator';
import { request, type Api, type AskedWith } from './request';

export type PracticeState = Api['PracticeAnswer'];
export type Judgement = Api['JudgementAnswer'];
export type PracticeResult = Api['PracticeResult'];
export type ResultsOfPerson = Api['ResultsOfPerson'];
export type PlayedFields = AskedWith<'/api/practice', 'put'>['body'];

export type PracticeCommand =
  | SimulatorCommand
  | { readonly command: 'replace'; readonly of: string; readonly station: number | null };

const KEY = 'practice';
export const practiceKey = [KEY];

/** Null: nothing is being practised on, or there is no simulator. */
export const practiceQuery = queryOptions({
  queryKey: [KEY, 'state'],
  queryFn: () => request('get', '/api/practice').catch(() => null),
});

/** Of whoever is signed in; for an owner of everybody in the firm. */
export const practiceResultsQuery = queryOptions({
  queryKey: [KEY, 'results'],
  queryFn: () => request('get', '/api/practice/results'),
});

export const beginPractice = (body: PlayedFields): Promise<PracticeState> =>
  request('put', '/api/practice', { body });

export const commandPractice = (body: PracticeCommand): Promise<PracticeState> =>
  request('post', '/api/practice/commands', { body });

export const readPractice = (station: number): Promise<Api['MeterAnswer']> =>
  request('get', '/api/practice/reading', { query: { station } });

export const searchPractice = (): Promise<Api['CableAnswer']> =>
  request('get', '/api/practice/units');

export const judgePractice = (): Promise<Judgement> => request('post', '/api/practice/judgement');

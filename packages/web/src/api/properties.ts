import type { DueKind } from '@water-clock/core/dues';
import type { ReasonKind } from '@water-clock/core/standing';
import type { PropertyFile } from '@water-clock/core/property-file';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type TimerOfProperty = Api['TimerOfProperty'];
export type PropertyListing = Api['PropertyListing'];
export type PropertyPage = Api['PropertyPage'];
export type Property = Api['PropertyAnswer'];
export type ImportAnswer = Api['ImportAnswer'];

/** What is entered of a property; what is unknown is null. */
export type PropertyFields = Omit<Property, 'id' | 'archived' | 'version' | 'setUpSkipped'>;

export interface PropertySearch {
  readonly q: string;
  readonly sort: 'name' | 'town' | 'newest' | 'worst';
  readonly archived: 'yes' | 'no';
  /** With a timer that needs somebody so. */
  readonly reason?: ReasonKind | undefined;
  /** With a timer at which it is due in four weeks. */
  readonly due?: DueKind | undefined;
  readonly ruleSetId?: string | undefined;
  readonly timerTypeId?: string | undefined;
  readonly personId?: string | undefined;
  readonly page: number;
  /** The date on which it is asked what is true of timers. */
  readonly from: string;
}

const KEY = 'properties';
export const propertiesKey = [KEY];

/** What is still being worked out is asked for again. */
const AGAIN_MS = 2000;
const againWhile = (timers: readonly TimerOfProperty[] = []) =>
  timers.some(({ standing }) => standing === null) && AGAIN_MS;

/** A page of the properties that are found. */
export const pageOfPropertiesQuery = (search: PropertySearch) =>
  queryOptions({
    queryKey: [KEY, 'page', search],
    queryFn: () => {
      const { reason, due, ruleSetId, timerTypeId, personId, ...rest } = search;
      const filters = {
        ...{ ...(reason && { reason }), ...(due && { due }), ...(ruleSetId && { ruleSetId }) },
        ...{ ...(timerTypeId && { timerTypeId }), ...(personId && { personId }) },
      };
      return request('get', '/api/properties', { query: { ...rest, ...filters } });
    },
    staleTime: 0,
    refetchInterval: ({ state: { data } }) =>
      (data !== undefined && data.pending > 0 && AGAIN_MS) ||
      againWhile(data?.rows.flatMap(({ timers }) => timers)),
    // What is typed on the way to a name is not worth keeping.
    ...(search.q === '' && KEPT),
  });

/** The same, with what was found before until it has come. */
export const propertiesQuery = (search: PropertySearch) =>
  queryOptions({ ...pageOfPropertiesQuery(search), placeholderData: keepPreviousData });

/** The timers of a property, each with what is true of it on a date. */
export const timersOfPropertyQuery = (id: string, from: string) =>
  queryOptions({
    queryKey: [KEY, 'timers', id, from],
    queryFn: () =>
      request('get', '/api/properties/{propertyId}/timers', {
        path: { propertyId: id },
        query: { from },
      }),
    staleTime: 0,
    refetchInterval: ({ state: { data } }) => againWhile(data),
    ...KEPT,
  });

export const propertyQuery = (id: string) =>
  queryOptions({
    queryKey: [KEY, 'one', id],
    queryFn: () => request('get', '/api/properties/{propertyId}', { path: { propertyId: id } }),
    ...KEPT,
  });

/** Absent is how the API says unknown. */
const withoutNulls = <Fields extends object>(fields: Fields) =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== null)) as {
    [Name in keyof Fields]: Exclude<Fields[Name], null>;
  };

/** Adds a home that somebody is led through setting up. */
export const addProperty = (fields: PropertyFields): Promise<Property> =>
  request('post', '/api/properties', { body: { ...withoutNulls(fields), isLed: true } });

export const setUpHome = (id: string, body: Api['SetUpChange']): Promise<Property> =>
  request('put', '/api/properties/{propertyId}/set-up', { path: { propertyId: id }, body });

export const changeProperty = (
  id: string,
  version: number,
  fields: PropertyFields,
): Promise<Property> =>
  request('put', '/api/properties/{propertyId}', {
    path: { propertyId: id },
    body: { ...withoutNulls(fields), version },
  });

export const setArchived = (id: string, archived: boolean): Promise<Property> =>
  request('put', '/api/properties/{propertyId}/archived', {
    path: { propertyId: id },
    body: { archived },
  });

export const propertyFile = (id: string): Promise<PropertyFile> =>
  request('get', '/api/properties/{propertyId}/file', { path: { propertyId: id } });

/** What the file is nobody knows before the server has read it. */
type AnyFile = PropertyFile;

export const previewImport = (document: unknown): Promise<ImportAnswer> =>
  request('post', '/api/property-files/preview', { body: { document: document as AnyFile } });

export const importProperty = (document: unknown): Promise<ImportAnswer> =>
  request('post', '/api/property-files', { body: { document: document as AnyFile } });

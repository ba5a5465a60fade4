import type { PropertyFile, SupplySource } from '@water-clock/core/property-file';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request } from './client';

export interface Outlook {
  readonly collisions: number;
  readonly firstCollision: string | null;
  readonly runs: number;
}

export interface TimerOfProperty {
  readonly id: string;
  readonly name: string;
  readonly timerType: string | null;
  readonly stations: number;
  readonly outlook: Outlook;
}

export interface PropertyListing {
  readonly id: string;
  readonly name: string;
  readonly address: string;
  readonly town: string;
  readonly contactName: string;
  readonly archived: boolean;
  readonly timers: readonly TimerOfProperty[];
}

export interface PropertyPage {
  readonly rows: readonly PropertyListing[];
  readonly total: number;
  readonly pageSize: number;
}

export interface Property {
  readonly id: string;
  readonly name: string;
  readonly address: string;
  readonly town: string;
  readonly contactName: string;
  readonly contactPhone: string;
  readonly contactEmail: string;
  readonly gateNotes: string;
  readonly timeZone: string | null;
  readonly latitude: number | null;
  readonly longitude: number | null;
  readonly supplySource: SupplySource | null;
  readonly supplyLpm: number | null;
  readonly supplyKpa: number | null;
  readonly mowingWeekdays: readonly number[];
  readonly ruleSetId: string | null;
  readonly weatherId: string | null;
  /** Of a cubic metre, in the firm's currency. */
  readonly waterPrice: number | null;
  readonly archived: boolean;
  readonly version: number;
}

/** What is entered of a property; what is unknown is null. */
export type PropertyFields = Omit<Property, 'id' | 'archived' | 'version'>;

export interface PropertySearch {
  readonly q: string;
  readonly sort: 'name' | 'town' | 'newest';
  readonly archived: 'yes' | 'no';
  readonly page: number;
  /** The first night of the outlooks. */
  readonly from: string;
}

const KEY = 'properties';
export const propertiesKey = [KEY];

export const propertiesQuery = (search: PropertySearch) =>
  queryOptions({
    queryKey: [KEY, 'page', search],
    queryFn: () => {
      const words = new URLSearchParams({ ...search, page: String(search.page) });
      return request<PropertyPage>(`/properties?${words.toString()}`);
    },
    staleTime: 0,
    placeholderData: keepPreviousData,
    // What is typed on the way to a name is not worth keeping.
    ...(search.q === '' && KEPT),
  });

/** The timers of a property, each with what fourteen nights from a date bring. */
export const timersOfPropertyQuery = (id: string, from: string) =>
  queryOptions({
    queryKey: [KEY, 'timers', id, from],
    queryFn: () => request<TimerOfProperty[]>(`/properties/${id}/timers?from=${from}`),
    staleTime: 0,
    ...KEPT,
  });

export const propertyQuery = (id: string) =>
  queryOptions({
    queryKey: [KEY, 'one', id],
    queryFn: () => request<Property>(`/properties/${id}`),
    ...KEPT,
  });

/** Absent is how the API says unknown. */
const withoutNulls = (fields: PropertyFields) =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== null));

export const addProperty = (fields: PropertyFields): Promise<Property> =>
  request('/properties', { method: 'POST', body: withoutNulls(fields) });

export const changeProperty = (
  id: string,
  version: number,
  fields: PropertyFields,
): Promise<Property> =>
  request(`/properties/${id}`, { method: 'PUT', body: { ...withoutNulls(fields), version } });

export const setArchived = (id: string, archived: boolean): Promise<Property> =>
  request(`/properties/${id}/archived`, { method: 'PUT', body: { archived } });

export interface ImportAnswer {
  readonly propertyId: string;
  readonly name: string;
  readonly changes: readonly {
    readonly does: 'add' | 'change';
    readonly what: string;
    readonly details: readonly string[];
  }[];
}

export const propertyFile = (id: string): Promise<PropertyFile> =>
  request(`/properties/${id}/file`);

export const previewImport = (document: unknown): Promise<ImportAnswer> =>
  request('/property-files/preview', { method: 'POST', body: { document } });

export const importProperty = (document: unknown): Promise<ImportAnswer> =>
  request('/property-files', { method: 'POST', body: { document } });

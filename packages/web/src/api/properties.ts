import { queryOptions } from '@tanstack/react-query';
import { request } from './client';

export interface Property {
  readonly id: string;
  readonly name: string;
  readonly address: string;
  readonly town: string;
  readonly timeZone: string | null;
  readonly latitude: number | null;
  readonly longitude: number | null;
  readonly version: number;
}

export interface PropertyFields {
  readonly name: string;
  readonly address: string;
  readonly town: string;
  readonly timeZone?: string;
}

export const propertiesQuery = queryOptions({
  queryKey: ['properties'],
  queryFn: () => request<Property[]>('/properties'),
});

export const addProperty = (fields: PropertyFields): Promise<Property> =>
  request('/properties', { method: 'POST', body: fields });

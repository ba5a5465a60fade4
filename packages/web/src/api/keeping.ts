import { queryOptions } from '@tanstack/react-query';
import { request, type Api } from './request';

export type Keeping = Api['KeepingFields'];
export type FormerPerson = Api['FormerPerson'];

export const keepingQuery = queryOptions({
  queryKey: ['keeping'],
  queryFn: () => request('get', '/api/firm/keeping'),
});

export const setKeeping = (body: Keeping): Promise<Keeping> =>
  request('put', '/api/firm/keeping', { body });

/** Where all of the firm is, as one file. */
export const ARCHIVE = '/api/firm/archive';

export const formerPeopleQuery = queryOptions({
  queryKey: ['former-people'],
  queryFn: () => request('get', '/api/former-people'),
});

/** What is erased, by the name that somebody typed so that it is the right one. */
interface Erased {
  readonly id: string;
  readonly name: string;
}

export const erasePerson = ({ id, name }: Erased): Promise<void> =>
  request('post', '/api/former-people/{personId}/erasure', {
    path: { personId: id },
    body: { name },
  });

/** What would go with a property, counted when it is asked for. */
export const propertyErasureQuery = (id: string) =>
  queryOptions({
    queryKey: ['erasure', id],
    queryFn: () =>
      request('get', '/api/properties/{propertyId}/erasure', { path: { propertyId: id } }),
    staleTime: 0,
  });

export const eraseProperty = ({ id, name }: Erased): Promise<void> =>
  request('post', '/api/properties/{propertyId}/erasure', {
    path: { propertyId: id },
    body: { name },
  });

export const eraseContact = (id: string): Promise<void> =>
  request('post', '/api/properties/{propertyId}/contact-erasure', { path: { propertyId: id } });

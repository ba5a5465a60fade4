import type { UseQueryResult } from '@tanstack/react-query';
import { missingError } from './missing-error';

const query = (fields: Partial<UseQueryResult>) => fields as UseQueryResult;
const refused = new Error('The server cannot be reached.');

it('is why something cannot be had', () => {
  const queries = [query({ data: 'here', error: null }), query({ error: refused })];
  expect(missingError(queries)).toBe(refused);
});

it('is nothing where only a newer answer cannot be had', () => {
  expect(missingError([query({ data: 'from before', error: refused })])).toBeNull();
});

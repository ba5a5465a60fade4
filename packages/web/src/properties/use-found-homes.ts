import { useQueries, useQuery } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import {
  pageOfPropertiesQuery,
  propertiesQuery,
  type PropertyListing,
  type PropertySearch,
} from '../api/properties';

export type Search = Omit<PropertySearch, 'page'>;

/** Less than all of them are listed, whatever was typed. */
export const isFilteredBy = ({ reason, due, ruleSetId, timerTypeId, personId }: Search): boolean =>
  [reason, due, ruleSetId, timerTypeId, personId].some((one) => one !== undefined);

/** All properties that are found, of which only those in sight are asked for. */
export function useFoundHomes(search: Search) {
  const first = useQuery(propertiesQuery({ ...search, page: 1 }));
  const [seen, setSeen] = useState({ first: 0, last: 0 });
  const onSeen = useCallback((from: number, to: number) => setSeen({ first: from, last: to }), []);
  const { total = 0, pageSize = 1 } = first.data ?? {};
  const pageOf = (index: number) => 1 + Math.floor(index / pageSize);
  const pages = Array.from({ length: pageOf(Math.max(0, total - 1)) }, (_, at) => at + 1).filter(
    (page) => page > 1 && page >= pageOf(seen.first) && page <= pageOf(seen.last),
  );
  const others = useQueries({
    queries: pages.map((page) => pageOfPropertiesQuery({ ...search, page })),
  });
  const rowAt = (index: number): PropertyListing | undefined => {
    const page = pageOf(index);
    const found = page === 1 ? first.data : others[pages.indexOf(page)]?.data;
    return found?.rows[index % pageSize];
  };
  return { first, rowAt, onSeen };
}

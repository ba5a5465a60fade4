import type { UseQueryResult } from '@tanstack/react-query';
import { Skeleton } from 'antd';
import type { ReactNode } from 'react';
import { ApiError } from '../api/client';
import { missingError } from './missing-error';
import { NotFound } from './not-found';
import { LoadError } from './page';

interface LoadedProps {
  /** What the page shows, as a sentence begins with it: "The yard". */
  readonly what: string;
  /** What is not there where an address leads nowhere: "timer". */
  readonly missing: string;
  readonly queries: readonly UseQueryResult[];
  /** Called when every query has its data. */
  readonly children: () => ReactNode;
}

/** A page of what was asked for: while it comes, when it is not there, and when it cannot be had. */
export function Loaded({ what, missing, queries, children }: LoadedProps) {
  const error = missingError(queries);
  if (error instanceof ApiError && error.status === 404) return <NotFound what={missing} />;
  if (error)
    return (
      <LoadError
        what={what}
        error={error}
        onRetry={() => void Promise.all(queries.map((query) => query.refetch()))}
      />
    );
  if (queries.some(({ data }) => data === undefined))
    return <Skeleton active style={{ padding: 24 }} title paragraph={{ rows: 10 }} />;
  return children();
}

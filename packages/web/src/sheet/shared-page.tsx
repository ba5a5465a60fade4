import { useQuery } from '@tanstack/react-query';
import { Skeleton } from 'antd';
import { useParams } from 'react-router';
import { ApiError } from '../api/client';
import { sharedPdfAddress, sharedQuery } from '../api/sheets';
import { LoadError } from '../ui/page';
import { SheetView } from './sheet-view';
import './shared-page.css';

/** What a household sees that has the link: the sheet, and nothing else. */
export function SharedPage() {
  const { token = '' } = useParams();
  const shared = useQuery(sharedQuery(token));
  const { data, error } = shared;
  return (
    <main className="shared">
      {data && (
        <>
          <SheetView sheet={data.document} />
          <p className="not-on-paper">
            <a href={sharedPdfAddress(token)}>As a PDF</a>
          </p>
        </>
      )}
      {error instanceof ApiError && error.status === 404 && (
        <>
          <h1>This link leads nowhere any more</h1>
          <p>It has expired, or was withdrawn. Ask your sprinkler technician for a new one.</p>
        </>
      )}
      {error && !(error instanceof ApiError && error.status === 404) && (
        <LoadError what="The sheet" error={error} onRetry={() => void shared.refetch()} />
      )}
      {!data && !error && <Skeleton active />}
    </main>
  );
}

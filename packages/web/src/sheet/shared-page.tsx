import { useCallback, useEffect, useState } from 'react';
import type { ApiError } from '../api/client';
import { request, type Api } from '../api/request';
import { Waiting } from '../ui/waiting';
import { SheetView } from './sheet-view';
import styles from './shared-page.module.css';

type SharedSheet = Api['SharedSheet'];

/** The sheet that a link leads to, or why it cannot be shown. */
function useShared(token: string) {
  const [shared, setShared] = useState<SharedSheet | null>(null);
  const [error, setError] = useState<ApiError | null>(null);
  const ask = useCallback(() => {
    request('get', '/api/shared/{token}', { path: { token } }).then(setShared, setError);
  }, [token]);
  useEffect(ask, [ask]);
  const again = () => {
    setError(null);
    ask();
  };
  return { shared, error, again };
}

/** What a household sees that has the link: the sheet, and nothing else. */
export function SharedPage({ token }: { token: string }) {
  const { shared, error, again } = useShared(token);
  return (
    <main className={styles['shared']}>
      {shared && (
        <>
          {shared.isDemo && <p>Demo: a made-up home of a made-up firm.</p>}
          <SheetView sheet={shared.document} />
          <p className="not-on-paper">
            <a href={`/api/shared/${encodeURIComponent(token)}/sheet.pdf`}>As a PDF</a>
          </p>
        </>
      )}
      {error?.status === 404 && (
        <>
          <h1>This link leads nowhere any more</h1>
          <p>It has expired, or was withdrawn. Ask your sprinkler technician for a new one.</p>
        </>
      )}
      {error && error.status !== 404 && (
        <>
          <h1>The sheet could not be loaded</h1>
          <p role="alert">{error.message}</p>
          <button type="button" onClick={again}>
            Try again
          </button>
        </>
      )}
      {!shared && !error && <Waiting />}
    </main>
  );
}

import { loadLanguage, writtenIn, type Language } from '@water-clock/core/household-words';
import { useCallback, useEffect, useState } from 'react';
import { ApiError } from '../api/client';
import { request, type Api } from '../api/request';
import { Waiting } from '../ui/waiting';
import { TellUs } from './tell-us';
import { SharedNow } from './shared-now';
import { SharedPhotos } from './shared-photos';
import { SheetView } from './sheet-view';
import styles from './shared-page.module.css';

interface Shared {
  readonly sheet: Api['SharedSheet'];
  readonly language: Language;
}
interface Refused {
  readonly error: unknown;
  readonly language: Language;
}

/** Of whoever's browser it is, as long as nobody knows of what home. */
const ofBrowser = (): Promise<Language> =>
  loadLanguage(navigator.language.startsWith('es') ? 'es' : 'en');

/** The sheet that a link leads to, or why it cannot be shown, each in its language and none besides. */
function useShared(token: string) {
  const [shared, setShared] = useState<Shared | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const ask = useCallback(() => {
    request('get', '/api/shared/{token}', { path: { token } }).then(
      async (sheet) =>
        setShared({ sheet, language: await loadLanguage(writtenIn(sheet.document)) }),
      async (error: unknown) => setRefused({ error, language: await ofBrowser() }),
    );
  }, [token]);
  useEffect(ask, [ask]);
  const again = () => {
    setRefused(null);
    ask();
  };
  return { shared, refused, again };
}

/** What a household sees that has the link: the sheet, and nothing else. */
export function SharedPage({ token }: { token: string }) {
  const { shared, refused, again } = useShared(token);
  const tag = (shared ?? refused)?.language.tag;
  useEffect(() => {
    if (tag) document.documentElement.lang = tag;
  }, [tag]);
  return (
    <main className={styles['shared']}>
      {shared && (
        <>
          {shared.sheet.isDemo && <p>{shared.language.labels.demo}</p>}
          <SharedNow {...{ token }} language={shared.language} />
          <SheetView sheet={shared.sheet.document} language={shared.language} />
          <SharedPhotos {...{ token }} photos={shared.sheet.photos} language={shared.language} />
          <TellUs {...{ token }} sheet={shared.sheet.document} language={shared.language} />
          <p className="not-on-paper">
            <a href={`/api/shared/${encodeURIComponent(token)}/sheet.pdf`}>
              {shared.language.labels.asPdf}
            </a>
          </p>
        </>
      )}
      {refused && <RefusedWords {...refused} onAgain={again} />}
      {!shared && !refused && <Waiting />}
    </main>
  );
}

function RefusedWords({ error, language, onAgain }: Refused & { onAgain: () => void }) {
  const { labels } = language;
  if (error instanceof ApiError && error.status === 404)
    return (
      <>
        <h1>{labels.linkGone}</h1>
        <p>{labels.linkGoneWhat}</p>
      </>
    );
  return (
    <>
      <h1>{labels.notLoaded}</h1>
      <p role="alert">{labels.notLoadedWhat}</p>
      <button type="button" onClick={onAgain}>
        {labels.tryAgain}
      </button>
    </>
  );
}

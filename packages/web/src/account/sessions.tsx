import { Button, Tag } from 'antd';
import { accountQuery, endOtherSessions, endSession, type SessionListing } from '../api/account';
import { useWrite } from '../api/use-write';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';
import { agentInWords } from './agent-in-words';
import styles from './account.module.css';

/** Where the account is signed in; any of them can be ended from here. */
export function Sessions({ sessions }: { sessions: readonly SessionListing[] }) {
  const clock = useClock();
  const touches = { touches: [accountQuery.queryKey] };
  const ending = useWrite('end-session', endSession, touches);
  const endingOthers = useWrite('end-other-sessions', endOtherSessions, touches);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="sessions">
      <h2 id="sessions">Where you are signed in</h2>
      <ul className={styles['sessions']}>
        {sessions.map(({ id, agent, firm, openedAt, seenAt, isThis }) => (
          <li key={id}>
            <span>
              <strong>{agentInWords(agent)}</strong> {isThis && <Tag>this one</Tag>}
              <br />
              <span className={pageStyles['soft']}>
                {firm} · since {momentWords(openedAt, clock)}, last used{' '}
                {momentWords(seenAt, clock)}
              </span>
            </span>
            {!isThis && (
              <Button
                loading={ending.isWriting}
                aria-label={`End the session since ${momentWords(openedAt, clock)}`}
                onClick={() => void ending.write(id)}
              >
                End
              </Button>
            )}
          </li>
        ))}
      </ul>
      {sessions.length > 1 && (
        <Button loading={endingOthers.isWriting} onClick={() => void endingOthers.write()}>
          End all others
        </Button>
      )}
      <p className={pageStyles['soft']}>
        A session ends by itself after thirty days, or when it is left alone for two weeks.
      </p>
    </section>
  );
}

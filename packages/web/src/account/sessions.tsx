import { Button, Tag } from 'antd';
import { useState } from 'react';
import { accountQuery, endOtherSessions, endSession, type Account } from '../api/account';
import { useWrite } from '../api/use-write';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';
import { agentInWords } from './agent-in-words';
import { OwnPassword } from './own-password';
import styles from './account.module.css';

/** Where the account is signed in; any of them can be ended from here. */
export function Sessions({ account: { sessions, hasPassword } }: { account: Account }) {
  const clock = useClock();
  const [password, setPassword] = useState('');
  const options = { touches: [accountQuery.queryKey], isToldHere: hasPassword };
  const ending = useWrite('end-session', endSession, options);
  const endingOthers = useWrite('end-other-sessions', endOtherSessions, options);
  const end = async (sessionId: string) => {
    endingOthers.reset();
    if (await ending.write({ sessionId, password })) setPassword('');
  };
  const endOthers = async () => {
    ending.reset();
    if (await endingOthers.write(password)) setPassword('');
  };
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
                onClick={() => void end(id)}
              >
                End
              </Button>
            )}
          </li>
        ))}
      </ul>
      {sessions.length > 1 && (
        <div className={styles['narrow']}>
          {hasPassword && (
            <OwnPassword
              value={password}
              onChange={setPassword}
              error={ending.error ?? endingOthers.error}
              hint="It is asked for before a session is ended."
            />
          )}
          <Button loading={endingOthers.isWriting} onClick={() => void endOthers()}>
            End all others
          </Button>
        </div>
      )}
      <p className={pageStyles['soft']}>
        A session ends by itself after thirty days, or when it is left alone for two weeks.
      </p>
    </section>
  );
}

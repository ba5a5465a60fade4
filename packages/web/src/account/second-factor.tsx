import { Alert, Button, Input, QRCode } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import {
  accountQuery,
  beginSecondFactor,
  confirmSecondFactor,
  removeSecondFactor,
  type Account,
} from '../api/account';
import { sessionQuery } from '../api/session';
import { useWrite } from '../api/use-write';
import { Field } from '../ui/field';
import { faultAt, OwnPassword } from './own-password';
import pageStyles from '../ui/page.module.css';
import styles from './account.module.css';

const touches = [accountQuery.queryKey, sessionQuery.queryKey];

/** An authenticator app, asked for beside the password from then on. */
export function SecondFactor({ account }: { account: Account }) {
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="second-factor">
      <h2 id="second-factor">Authenticator app</h2>
      {codes && <RecoveryCodes codes={codes} onKept={() => setCodes(null)} />}
      {account.hasSecondFactor ? (
        <TakeOut account={account} />
      ) : (
        <SetUp account={account} onSet={setCodes} />
      )}
    </section>
  );
}

interface SetUpProps {
  readonly account: Account;
  readonly onSet: (codes: readonly string[]) => void;
}

function SetUp({ account: { hasPassword }, onSet }: SetUpProps) {
  const [password, setPassword] = useState('');
  const [secret, setSecret] = useState<{ secret: string; link: string } | null>(null);
  const [code, setCode] = useState('');
  const beginning = useWrite('begin-second-factor', beginSecondFactor, { isToldHere: true });
  const confirming = useWrite('confirm-second-factor', confirmSecondFactor, {
    touches,
    isToldHere: true,
  });
  const begin = async (event: SyntheticEvent) => {
    event.preventDefault();
    const done = await beginning.write(password);
    if (!done) return;
    setPassword('');
    setSecret(done.answer);
  };
  const confirm = async (event: SyntheticEvent) => {
    event.preventDefault();
    const done = await confirming.write(code);
    if (done) onSet(done.answer.codes);
  };
  if (!secret)
    return (
      <form className={styles['narrow']} onSubmit={(event) => void begin(event)}>
        <p>
          With an authenticator nobody signs in with your password alone: each time, a code from
          your telephone is asked for too.
        </p>
        {hasPassword ? (
          <OwnPassword value={password} onChange={setPassword} error={beginning.error} />
        ) : (
          beginning.error && <p role="alert">{beginning.error.message}</p>
        )}
        <Button htmlType="submit" loading={beginning.isWriting}>
          Set one up
        </Button>
      </form>
    );
  return (
    <form className={styles['steps']} onSubmit={(event) => void confirm(event)}>
      <p>Read this with any authenticator app, or type the secret into it.</p>
      <div className={styles['secret']}>
        <QRCode
          value={secret.link}
          size={168}
          color="black"
          bgColor="white"
          aria-label="The secret as a picture"
        />
        <code>{secret.secret.replace(/(.{4})/g, '$1 ')}</code>
      </div>
      <Field label="The six digits that it shows" fault={faultAt(confirming.error, 'code')}>
        {(id) => (
          <Input
            id={id}
            style={{ width: 140 }}
            inputMode="numeric"
            autoComplete="one-time-code"
            value={code}
            onChange={(event) => setCode(event.target.value.replace(/\s/g, ''))}
          />
        )}
      </Field>
      <Button type="primary" htmlType="submit" loading={confirming.isWriting}>
        Ask for it from now on
      </Button>
    </form>
  );
}

interface RecoveryCodesProps {
  readonly codes: readonly string[];
  readonly onKept: () => void;
}

function RecoveryCodes({ codes, onKept }: RecoveryCodesProps) {
  return (
    <Alert
      type="info"
      showIcon
      style={{ marginBottom: 12 }}
      title="Keep these codes where your telephone is not"
      description={
        <>
          <p>Each opens once in place of the authenticator. They are shown now and never again.</p>
          <ul className={styles['codes']} aria-label="Recovery codes">
            {codes.map((code) => (
              <li key={code}>
                <code>{code}</code>
              </li>
            ))}
          </ul>
          <Button onClick={onKept}>I have saved them</Button>
        </>
      }
    />
  );
}

function TakeOut({ account: { recoveryCodes, hasPassword } }: { account: Account }) {
  const [password, setPassword] = useState('');
  const removing = useWrite('remove-second-factor', removeSecondFactor, {
    touches,
    isToldHere: true,
  });
  const remove = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (await removing.write(password)) setPassword('');
  };
  return (
    <form className={styles['narrow']} onSubmit={(event) => void remove(event)}>
      <p>
        A code is asked for whenever you sign in. {recoveryCodes} of your recovery codes are left.
      </p>
      {hasPassword && (
        <OwnPassword value={password} onChange={setPassword} error={removing.error} />
      )}
      <Button danger htmlType="submit" loading={removing.isWriting}>
        Remove it
      </Button>
    </form>
  );
}

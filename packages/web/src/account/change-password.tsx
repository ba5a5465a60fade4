import { App, Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { accountQuery, changePassword, type Account } from '../api/account';
import { ApiError } from '../api/client';
import { useWrite } from '../api/use-write';
import { Field } from '../ui/field';
import { PasswordStrength } from '../ui/password-strength';
import pageStyles from '../ui/page.module.css';
import styles from './account.module.css';

const faultsOf = (error: Error | null): ReadonlyMap<string, string> =>
  new Map(
    error instanceof ApiError ? error.places.map(({ path, message }) => [path, message]) : [],
  );

/** A new password, for the one that is known. */
export function ChangePassword({ account: { email, hasPassword } }: { account: Account }) {
  const [current, setCurrent] = useState('');
  const [password, setPassword] = useState('');
  const { message } = App.useApp();
  const changing = useWrite('change-password', changePassword, {
    touches: [accountQuery.queryKey],
    isToldHere: true,
  });
  const faults = faultsOf(changing.error);
  const change = async (event: SyntheticEvent) => {
    event.preventDefault();
    const done = await changing.write({ password, ...(hasPassword && { current }) });
    if (!done) return;
    setCurrent('');
    setPassword('');
    void message.success('Your password is changed. Your other sessions are ended.');
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="password">
      <h2 id="password">Password</h2>
      <form className={styles['narrow']} onSubmit={(event) => void change(event)}>
        <input type="text" hidden readOnly autoComplete="username" value={email} />
        {changing.error && faults.size === 0 && (
          <p role="alert" className={styles['fault']}>
            {changing.error.message}
          </p>
        )}
        {hasPassword && (
          <Field label="The present password" fault={faults.get('current')}>
            {(id) => (
              <Input.Password
                id={id}
                autoComplete="current-password"
                value={current}
                onChange={(event) => setCurrent(event.target.value)}
              />
            )}
          </Field>
        )}
        <Field
          label="The new one"
          fault={faults.get('password')}
          hint={<PasswordStrength password={password} />}
        >
          {(id) => (
            <Input.Password
              id={id}
              autoComplete="new-password"
              value={password}
              onChange={(event) => setPassword(event.target.value)}
            />
          )}
        </Field>
        <Button
          type={password === '' ? 'default' : 'primary'}
          htmlType="submit"
          loading={changing.isWriting}
        >
          Change the password
        </Button>
      </form>
    </section>
  );
}

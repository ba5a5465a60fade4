import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { strengthQuery } from '../api/account';
import styles from './password-strength.module.css';

const LEAST = 12;
const WORDS = [
  'among the first that are guessed',
  'among the first that are guessed',
  'fair',
  'good',
  'strong',
] as const;
const PAUSE_MS = 400;

/** How hard a password is to guess, said and drawn while it is typed; the server says it. */
export function PasswordStrength({ password }: { password: string }) {
  const [looked, setLooked] = useState('');
  useEffect(() => {
    const waiting = setTimeout(() => setLooked(password), PAUSE_MS);
    return () => clearTimeout(waiting);
  }, [password]);
  const { data } = useQuery(strengthQuery(looked.length < LEAST ? '' : looked));
  const strength = password.length < LEAST ? null : (data?.strength ?? null);
  const missing = LEAST - password.length;
  const words =
    missing > 0
      ? `12 characters or more: a few words that have nothing to do with each other${password === '' ? '' : `; ${missing} to go`}`
      : strength === null
        ? 'Looked at…'
        : `Strength: ${WORDS[strength]}`;
  return (
    <div className={styles['strength']}>
      <span className={styles['bars']} aria-hidden="true">
        {[1, 2, 3, 4].map((bar) => (
          <span
            key={bar}
            data-on={strength !== null && strength >= bar}
            data-weak={(strength ?? 0) < 2}
          />
        ))}
      </span>
      <span role="status">{words}</span>
    </div>
  );
}

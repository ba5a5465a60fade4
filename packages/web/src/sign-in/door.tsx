import { useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { forgetQueries } from '../offline/kept-queries';
import { BrandMark } from '../ui/brand-mark';
import { SchemeButton } from '../ui/scheme-button';
import styles from './sign-in-page.module.css';

/** What stands outside: the name of the application, and a sheet to fill in. */
export function Door({ children }: { children: ReactNode }) {
  return (
    <main className={styles['door']}>
      <div className={styles['door-sheet']}>
        <div className={styles['door-name']}>
          <BrandMark />
          <h1>Water Clock</h1>
          <SchemeButton />
        </div>
        {children}
      </div>
    </main>
  );
}

/** Goes in, to a place of our own, and leaves nothing of whoever was here before, on this device neither. */
export function useEnter(to: string): () => Promise<void> {
  const client = useQueryClient();
  const navigate = useNavigate();
  return async () => {
    client.clear();
    await forgetQueries();
    await navigate(to, { replace: true });
  };
}

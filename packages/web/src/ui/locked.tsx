import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import styles from './locked.module.css';

interface LockedProps {
  readonly isLocked: boolean;
  readonly children: ReactNode;
}

/** Fields that are looked at, and cannot be changed, by whoever may not. */
export const Locked = ({ isLocked, children }: LockedProps) =>
  isLocked ? (
    <ConfigProvider componentDisabled>
      <fieldset disabled className={styles['locked']}>
        {children}
      </fieldset>
    </ConfigProvider>
  ) : (
    children
  );

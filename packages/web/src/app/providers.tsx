import { QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { SchemeContext, useSchemeChoice } from '../ui/colour-scheme';
import { themeFor } from '../ui/theme';
import { useIsTouched } from '../ui/use-matches';
import { queryClient } from './query-client';

const isStill = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

/** What every screen stands on: theme, messages, server data. */
export function Providers({ children }: { children: ReactNode }) {
  const choice = useSchemeChoice();
  const wanted = { isStill: isStill(), isTouched: useIsTouched() };
  return (
    <SchemeContext value={choice}>
      <ConfigProvider theme={themeFor(choice.scheme, wanted)}>
        <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
      </ConfigProvider>
    </SchemeContext>
  );
}

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { ApiError } from '../api/client';
import { SchemeContext, useSchemeChoice } from '../ui/colour-scheme';
import { themeFor } from '../ui/theme';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // Whether there is a connection is found out by asking.
      networkMode: 'always',
      staleTime: 30_000,
      retry: (failures, error) =>
        failures < 2 && !(error instanceof ApiError && error.status < 500),
    },
  },
});

const isStill = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

/** What every screen stands on: theme, messages, server data. */
export function Providers({ children }: { children: ReactNode }) {
  const choice = useSchemeChoice();
  return (
    <SchemeContext value={choice}>
      <ConfigProvider theme={themeFor(choice.scheme, isStill())}>
        <App style={{ height: '100%' }}>
          <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
        </App>
      </ConfigProvider>
    </SchemeContext>
  );
}

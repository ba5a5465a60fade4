import './in-browser';
import 'fake-indexeddb/auto';
import { MutationCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Spans } from '@water-clock/core/dues';
import { CoilLimits } from '@water-clock/core/visits';
import { Customary } from '@water-clock/core/needs';
import { App } from 'antd';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import type { Session } from '../api/session';
import { SignedInContext } from '../session/use-signed-in';

export const INES: Session = {
  person: {
    id: 'ines',
    name: 'Ines Marlow',
    email: 'ines@quillhaven.example',
    role: 'technician',
    clock: '24',
    state: 'active',
    hasSecondFactor: false,
  },
  firm: {
    id: 'care',
    name: 'Quillhaven Sprinkler Care',
    phone: '555 0100',
    units: 'metric',
    currency: 'USD',
    spans: new Spans(),
    coilLimits: new CoilLimits(),
    customary: new Customary(),
    wantsSecondFactor: false,
    isDemo: false,
  },
  firms: [{ personId: 'ines', firm: 'Quillhaven Sprinkler Care' }],
  lacksSecondFactor: false,
};

/**
 * What stands around every screen: answers, messages, an address, and who is signed in; and what a person is told
 * of writes that were refused.
 */
export function aroundScreens() {
  const told: string[] = [];
  const client = new QueryClient({
    defaultOptions: { queries: { retry: false } },
    mutationCache: new MutationCache({
      onError: ({ message }, _input, _result, { meta }) =>
        void told.push([meta?.lead, message].filter(Boolean).join(' ')),
    }),
  });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>
      <MemoryRouter>
        <App>
          <SignedInContext value={INES}>{children}</SignedInContext>
        </App>
      </MemoryRouter>
    </QueryClientProvider>
  );
  return { client, wrapper, told };
}

export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}
type Answer = { readonly status: number; readonly body?: unknown };

/**
 * A server of a test's own: answers by "METHOD /path" with a status and a body, or by a function of what was asked.
 * What it does not know is no connection. Gives what was asked, in order.
 */
export function answeringWith(
  answers: Readonly<Record<string, Answer | ((asked: Asked) => Answer | Promise<Answer>)>>,
): Asked[] {
  const all: Asked[] = [];
  globalThis.fetch = (async (place: string, init: { method: string; body?: string }) => {
    const asked: Asked = {
      method: init.method,
      path: place.replace(/\?.*$/, ''),
      body: init.body === undefined ? undefined : JSON.parse(init.body),
    };
    all.push(asked);
    const known = answers[`${asked.method} ${asked.path}`];
    if (!known) throw new TypeError('Failed to fetch');
    const { status, body } = typeof known === 'function' ? await known(asked) : known;
    return { ok: status < 400, status, json: () => Promise.resolve(structuredClone(body)) };
  }) as unknown as typeof fetch;
  return all;
}

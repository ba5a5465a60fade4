/** @jest-environment jsdom */
import '../testing/in-app';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { createMemoryRouter, Link, RouterProvider } from 'react-router';
import { LeaveGuard } from './leave-guard';

type State = 'changed' | 'saving' | 'saved';

// What the router asks a page by; this test's browser has none.
Object.assign(globalThis, {
  Request: class {
    readonly method = 'GET';
    readonly signal: AbortSignal;
    constructor(
      readonly url: string,
      { signal }: { signal: AbortSignal },
    ) {
      this.signal = signal;
    }
  },
});

function Page({ first }: { first: State }) {
  const [state, setState] = useState(first);
  return (
    <>
      <Link to="/elsewhere">Go on</Link>
      {(['changed', 'saved'] as const).map((next) => (
        <button key={next} type="button" onClick={() => setState(next)}>
          {next}
        </button>
      ))}
      <LeaveGuard
        isChanged={state !== 'saved'}
        isSaving={state === 'saving'}
        save={() => Promise.resolve(true)}
        what="The page has"
      />
    </>
  );
}

async function leaving(first: State): Promise<void> {
  const router = createMemoryRouter([
    { path: '/', element: <Page first={first} /> },
    { path: '/elsewhere', element: <p>Elsewhere</p> },
  ]);
  render(<RouterProvider router={router} />);
  await userEvent.click(screen.getByRole('link'));
}
const asks = () => screen.queryByText('Leave without saving?') !== null;
const isElsewhere = () => screen.queryByText('Elsewhere') !== null;

it('asks whoever leaves changes that nobody saves', async () => {
  await leaving('changed');
  expect([asks(), isElsewhere()]).toEqual([true, false]);
});

it('lets go whoever leaves while they are being saved, once they are', async () => {
  await leaving('saving');
  expect([asks(), isElsewhere()]).toEqual([false, false]);
  fireEvent.click(screen.getByText('saved'));
  expect(await screen.findByText('Elsewhere')).toBeTruthy();
  expect(asks()).toBe(false);
});

it('saves and lets go whoever asks for both', async () => {
  await leaving('changed');
  await userEvent.click(screen.getByRole('button', { name: 'Save and leave' }));
  expect(await screen.findByText('Elsewhere')).toBeTruthy();
});

it('asks where saving them has failed', async () => {
  await leaving('saving');
  fireEvent.click(screen.getByText('changed'));
  expect([asks(), isElsewhere()]).toEqual([true, false]);
});

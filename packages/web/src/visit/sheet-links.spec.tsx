/** @jest-environment jsdom */
import { aroundScreens, answeringWith } from '../testing/in-app';
import { act, render, screen, waitFor } from '@testing-library/react';
import type { SheetListing } from '../api/sheets';
import type { Timer } from '../api/timers';
import { useWrite } from '../api/use-write';
import { SheetLinks } from './sheet-links';

const LINK = {
  id: 'link',
  madeAt: '2026-06-01T08:00:00Z',
  expiresAt: '2026-11-28T08:00:00Z',
  madeBy: 'Ines Marlow',
  opened: 0,
  lastOpenedAt: null,
  photos: 0,
};

const before: SheetListing = {
  id: 'before',
  madeAt: '2026-05-01T08:00:00Z',
  person: 'Ines Marlow',
  links: [],
};

const TIMER = { id: 'garage', property: { id: 'home' } } as Timer;

/** The screen with a button that leaves a sheet, which never comes to its end. */
function Leaving() {
  const leaving = useWrite('leave-sheet', () => new Promise<never>(() => undefined));
  return (
    <>
      <button onClick={() => void leaving.write()}>Leave this sheet</button>
      <SheetLinks timer={TIMER} leftId={null} isLeaving={leaving.isWriting} />
    </>
  );
}

async function onScreen() {
  let links: readonly (typeof LINK)[] = [];
  const asked = answeringWith({
    'GET /api/timers/garage/sheets': () => ({ status: 200, body: [{ ...before, links }] }),
    'POST /api/sheets/before/links': () => {
      links = [LINK];
      return { status: 201, body: { ...LINK, token: 'secret' } };
    },
    'GET /api/properties/home/photos': { status: 200, body: [] },
    'DELETE /api/links/link': () => {
      links = [];
      return { status: 204 };
    },
  });
  const { wrapper, client } = aroundScreens();
  client.getMutationCache().config.onSuccess = () => client.invalidateQueries();
  render(<Leaving />, { wrapper });
  await screen.findByRole('button', { name: 'Make a link' });
  return () => asked.filter(({ method }) => method === 'POST');
}

it('makes a link to the sheet that was left last, and shows it no more once it is withdrawn', async () => {
  const posted = await onScreen();
  await act(async () => screen.getByRole('button', { name: 'Make a link' }).click());
  expect(posted()).toHaveLength(1);
  await screen.findByRole('link', { name: /\/s\/secret$/ });
  const withdraw = await screen.findByRole('button', { name: 'Withdraw…' });
  await act(async () => withdraw.click());
  const sure = await screen.findByRole('button', { name: 'Withdraw it' });
  await act(async () => sure.click());
  await waitFor(() => expect(screen.queryByRole('button', { name: 'Withdraw…' })).toBeNull());
  expect(screen.queryByRole('link', { name: /\/s\/secret$/ })).toBeNull();
});

it('makes none to the sheet before, once another is being left, however fast it is pressed', async () => {
  const posted = await onScreen();
  const link = screen.getByRole('button', { name: 'Make a link' });
  act(() => screen.getByRole('button', { name: 'Leave this sheet' }).click());
  // Gone at once, not when somebody has found the time to say that something is written.
  expect(link.isConnected).toBe(false);
  await act(async () => link.click());
  expect(posted()).toEqual([]);
});

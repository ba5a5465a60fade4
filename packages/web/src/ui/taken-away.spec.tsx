/** @jest-environment jsdom */
import '../testing/in-browser';
import { answeringWith } from '../testing/in-app';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Link, MemoryRouter, Route, Routes } from 'react-router';
import { bringBackRuleSet } from '../api/rules';
import { TakenAway, takenAway } from './taken-away';

/** A list that one has come to, told something by the page before. */
function listAfter(state: unknown) {
  const asked = answeringWith({
    'POST /api/rule-sets/west/bring-back': { status: 201, body: { id: 'west' } },
  });
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[{ pathname: '/rules', state }]}>
        <TakenAway bringBack={bringBackRuleSet} touches={[]} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return asked;
}

it('what was taken away is brought back by its id, and told no more', async () => {
  const asked = listAfter(takenAway('west', 'The rules of West are removed.'));
  expect(screen.getByText(/The rules of West are removed\./)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
  await waitFor(() => expect(screen.queryByText(/removed/)).toBeNull());
  expect(asked.map(({ method, path }) => `${method} ${path}`)).toEqual([
    'POST /api/rule-sets/west/bring-back',
  ]);
});

it('says nothing where nothing was taken away', () => {
  for (const state of [null, 'west', { takenAway: 'west' }, { takenAway: { id: 7 } }])
    listAfter(state);
  expect(screen.queryByRole('button')).toBeNull();
});

it('who has gone on before it is back stays there', async () => {
  type Answer = { status: number; body: object };
  let answer: ((answer: Answer) => void) | undefined;
  answeringWith({
    'POST /api/rule-sets/west/bring-back': () =>
      new Promise<Answer>((resolve) => (answer = resolve)),
  });
  const told = takenAway('west', 'The rules of West are removed.');
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[{ pathname: '/rules', state: told }]}>
        <Link to="/weather">Weather</Link>
        <Routes>
          <Route path="/rules" element={<TakenAway bringBack={bringBackRuleSet} touches={[]} />} />
          <Route path="/weather" element={<h1>The weather</h1>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
  await userEvent.click(screen.getByRole('link', { name: 'Weather' }));
  await act(async () => answer!({ status: 201, body: { id: 'west' } }));
  expect(screen.queryByRole('heading', { name: 'The weather' })).not.toBeNull();
});

/** @jest-environment jsdom */
import { answeringWith, aroundScreens } from '../testing/in-app';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { PropertyListing } from '../api/properties';
import { SelectionBar } from './selection-bar';
import type { Search } from './use-found-homes';

const home = (name: string): PropertyListing => ({
  ...{ id: name, name, address: '', town: '', contactName: '', archived: false, timers: [] },
});
const SEARCH: Search = {
  ...{ q: 'tarn', sort: 'name', archived: 'no', from: '2026-06-09' },
  ...{ reason: undefined, due: undefined, ruleSetId: undefined },
  ...{ timerTypeId: undefined, personId: undefined },
};

function shown(search: Search) {
  let pages = 0;
  answeringWith({
    'GET /api/properties': () => ({
      status: 200,
      body: {
        ...{ total: 2, pageSize: 25, pending: 0 },
        rows: pages++ === 0 ? [home('2 Tarn Lane'), home('4 Tarn Lane')] : [],
      },
    }),
  });
  const chosen: string[][] = [];
  render(
    <SelectionBar
      {...{ search, total: 2, homes: [home('Plum cottage'), home('2 Tarn Lane')] }}
      onChoose={(homes) => chosen.push(homes.map(({ id }) => id))}
    />,
    { wrapper: aroundScreens().wrapper },
  );
  return chosen;
}

it('chooses all that were found beside what was chosen before', async () => {
  const chosen = shown(SEARCH);
  await userEvent.click(screen.getByRole('button', { name: 'Choose all 2' }));
  await waitFor(() => expect(chosen).toEqual([['Plum cottage', '2 Tarn Lane', '4 Tarn Lane']]));
});

it('tries no change on homes that are in the archive, and brings them back', () => {
  shown({ ...SEARCH, archived: 'yes' });
  expect(screen.queryByRole('button', { name: 'Try a change on them…' })).toBeNull();
  expect(screen.getByRole('button', { name: 'Bring them back' })).toBeTruthy();
});

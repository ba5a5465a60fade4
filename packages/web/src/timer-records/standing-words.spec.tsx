/** @jest-environment jsdom */
import { answeringWith, aroundScreens } from '../testing/in-app';
import { render, screen } from '@testing-library/react';
import { useQuery } from '@tanstack/react-query';
import { timersOfPropertyQuery } from '../api/properties';
import { StandingWords } from './standing-words';

function Timers() {
  const { data = [] } = useQuery(timersOfPropertyQuery('wren', '2026-06-01'));
  return data.map(({ id, standing }) => <StandingWords key={id} standing={standing} />);
}

it('what is true of a timer, while it is being worked out, is said to be so, and asked for until it is there', async () => {
  const known = {
    ...{ isOff: false, isTooMuch: false, collisions: 0, firstCollision: null, runs: 8 },
    ...{ reasons: [], dues: [], care: {}, values: 0 },
  };
  const timer = { id: 'garage', name: 'Garage', timerType: null, stations: 2 };
  let times = 0;
  const asked = answeringWith({
    'GET /api/properties/wren/timers': () => ({
      status: 200,
      body: [{ ...timer, standing: times++ < 1 ? null : known }],
    }),
  });
  const { wrapper } = aroundScreens();
  render(<Timers />, { wrapper });
  expect(await screen.findByText(/being worked out/)).toBeTruthy();
  expect(await screen.findByText('8 runs, none collide', {}, { timeout: 60_000 })).toBeTruthy();
  expect(asked).toHaveLength(2);
});

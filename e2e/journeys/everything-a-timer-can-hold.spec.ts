import type { Plan } from '@water-clock/core/settings';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import { goTo, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });

const kind = (key: string) => GENERIC_TYPES.find((one) => one.key === key)!.timer;

interface NewTimer {
  readonly name: string;
  readonly document: object;
}

/** A home with timers, by their ids. */
async function homeWith(name: string, fields: object, timers: readonly NewTimer[]) {
  const home = await stage.ask<{ id: string }>('POST', '/properties', { name, ...fields });
  const ids: string[] = [];
  for (const timer of timers)
    ids.push((await stage.ask<{ id: string }>('POST', `/properties/${home.id}/timers`, timer)).id);
  return { homeId: home.id, ids };
}

const settingsOf = async (id: string) =>
  stage.ask<{ version: number; document: Plan }>('GET', `/timers/${id}/settings?on=2026-06-01`);

it('two timers on one supply that overlap are told on the home, and no more once one of them is moved', async () => {
  const plan = (start: string, flowLpm: number) => ({
    format: 'waterclock.plan/2',
    timer: kind('wall-6'),
    stations: [{ number: 1, name: 'Lawn', flowLpm }],
    programs: [
      {
        id: 'A',
        starts: [start],
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        runs: [{ station: 1, seconds: 1800 }],
      },
    ],
  });
  const { homeId, ids } = await homeWith('Medlar house', { supplyLpm: 40 }, [
    { name: 'Front timer', document: plan('04:00', 25) },
    { name: 'Back timer', document: plan('04:10', 20) },
  ]);
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties/${homeId}`);
  await waitForWords(page, 'Together the timers take more than the supply gives');
  await waitForWords(page, 'take 45 l/min, and the supply gives 40 l/min');
  const { version, document } = await settingsOf(ids[1]!);
  const programs = document.programs.map((program) => ({ ...program, starts: ['04:40'] }));
  await stage.ask('PUT', `/timers/${ids[1]}/settings?on=2026-06-01`, {
    version,
    document: { ...document, programs },
  });
  await goTo(page, `${stage.url()}/properties/${homeId}`);
  await waitForWords(
    page,
    'never overlap, on any date, as long as their clocks agree to within 10 min',
  );
  await page.close();
});

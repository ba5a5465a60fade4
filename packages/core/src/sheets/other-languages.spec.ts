import fc from 'fast-check';
import { parseDate } from '../civil-time/index.js';
import { HOUSEHOLD_LANGUAGES } from '../property-file/index.js';
import { anyPlan } from '../testing/plans.js';
import { runs } from '../testing/runs.js';
import { TimerHandling } from '../timer-types/index.js';
import { sheetOf } from './index.js';

const ENGLISH =
  /\b(the|of|and|waters?|every|about|each|time|station|program|while|from|none|noon|midnight|AM|PM)\b/i;

it.each(HOUSEHOLD_LANGUAGES.filter((code) => code !== 'en'))(
  'nothing of a sheet in %s is English, whatever is in the timer',
  (code) => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const sheet = sheetOf({
          ...{ plan, on: parseDate('2026-06-01')!, property: 'P', timer: 'T', firm: 'F' },
          ...{ phone: '', handling: new TimerHandling(), clock: '12', language: code, due: [] },
          confirmed: { of: 9, keyedIn: 2, unknown: 1 },
          ...{ moistureHeld: [1, 2], volumeWords: (litres: number) => `${Math.round(litres)} L` },
        });
        const { season, pauseForRain, runOneStation, notes, rules, stations } = sheet;
        const waters = stations.map((station) => station.waters);
        const text = JSON.stringify([season, pauseForRain, runOneStation, notes, rules, waters]);
        expect(text).not.toMatch(ENGLISH);
      }),
      runs(10, 400),
    );
  },
);

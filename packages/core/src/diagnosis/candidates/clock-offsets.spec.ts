import { FAULT_CODES, flowsOf } from '../../faults/index.js';
import { hiddenFault } from '../testing/hidden-fault.js';
import { Sightings } from '../what-holds.js';
import { fitOfOffsets } from './clock-offsets.js';

const SEEDS = process.env['TEST_LONG'] ? 40 : 6;

it.each(FAULT_CODES)(
  'every offset fits as well as is told of it, at both its ends, with %s hidden',
  (code) => {
    for (let seed = 1; seed <= SEEDS; seed++) {
      const one = hiddenFault(seed, code);
      if (!one) continue;
      const { believed, seen } = one;
      const sightings = new Sightings(seen);
      const ranges = fitOfOffsets(believed, sightings);
      expect(ranges[0]!.from).toBe(-16 * 86_400);
      expect(ranges.at(-1)!.to).toBe(16 * 86_400);
      const every = Math.max(1, Math.floor(ranges.length / 25));
      for (const [index, range] of ranges.entries()) {
        if (index > 0) expect(range.from).toBe(ranges[index - 1]!.to + 1);
        if (index % every > 0) continue;
        for (const offSeconds of [range.from, range.to]) {
          const fit = sightings.fit(flowsOf(believed, { code: 'clock', offSeconds }));
          expect([offSeconds, fit.explains - fit.against]).toEqual([offSeconds, range.score]);
        }
      }
    }
  },
);

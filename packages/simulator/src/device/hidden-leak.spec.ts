import { parseDateTime } from '@water-clock/core/civil-time';
import { judgeFlows, SPREAD, type FlowRead } from '@water-clock/core/flows';
import { drawOf } from '@water-clock/core/practice';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { SimulatedTimer } from './simulated-timer.js';

const HISTORIES = 2000;
const LEAK = 0.2;
const FINE = 100_000;
/** A litre of the meter in two minutes. */
const STEP_LPM = 0.5;

function planOf(flows: readonly number[]): Plan {
  const read = readPlan({
    ...{ format: 'waterclock.plan/2', timer: {}, programs: [] },
    stations: flows.map((flowLpm, at) => ({ number: at + 1, flowLpm })),
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

it('a leak of a fifth that begins at any visit is pointed out, and hardly anything else is', () => {
  const draw = drawOf(2611);
  const whole = (least: number, most: number) => least + draw(most - least + 1);
  // Twelve numbers from 0 to 1 together are as good as normal, around 6 and one sigma wide.
  const noise = () =>
    1 + SPREAD * (Array.from({ length: 12 }, () => draw(FINE) / FINE).reduce((a, b) => a + b) - 6);
  let [caught, reads, falsely] = [0, 0, 0];
  for (let history = 0; history < HISTORIES; history++) {
    const flows = Array.from({ length: whole(2, 12) }, () => whole(8, 60));
    const device = new SimulatedTimer(planOf(flows), parseDateTime('2026-06-01T08:00:00')!);
    const visits = whole(2, 6);
    const [leaking, since] = [whole(1, flows.length), whole(1, visits - 1)];
    const readOff = (station: number): FlowRead => {
      device.runStation(station, 120);
      const lpm = Math.round((device.flowLpm * noise()) / STEP_LPM) * STEP_LPM;
      device.stop();
      return { station, lpm, stepLpm: STEP_LPM, isNew: false };
    };
    const judged = judgeFlows(
      Array.from({ length: visits }, (_, visit) => {
        if (visit === since) device.setLeak(leaking, LEAK);
        return flows.map((_flow, at) => readOff(at + 1));
      }),
    );
    const isLeaking = (station: number, visit: number) => station === leaking && visit >= since;
    if (judged[since]!.reads[leaking - 1]!.verdict === 'high') caught += 1;
    const others = judged.flatMap(({ reads: ofVisit }, visit) =>
      visit === 0 ? [] : ofVisit.filter(({ station }) => !isLeaking(station, visit)),
    );
    reads += others.length;
    falsely += others.filter(({ verdict }) => verdict !== 'usual').length;
  }
  expect(reads).toBeGreaterThan(20_000);
  expect(caught / HISTORIES).toBeGreaterThan(0.95);
  expect(falsely / reads).toBeLessThan(0.02);
});

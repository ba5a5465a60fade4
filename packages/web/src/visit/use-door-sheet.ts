import { parseDate } from '@water-clock/core/civil-time';
import type { Confirmed, Plan } from '@water-clock/core/settings';
import { speakerOf } from '@water-clock/core/household-words';
import { useQuery } from '@tanstack/react-query';
import type { Standing } from '@water-clock/core/standing';
import { dueDates, sheetOf, type Sheet } from '@water-clock/core/sheets';
import type { Visit } from '@water-clock/core/visits';
import { moistureHeld } from '@water-clock/core/yards';
import { App } from 'antd';
import { useMemo, useState } from 'react';
import { timersOfPropertyQuery } from '../api/properties';
import { sheetsQuery } from '../api/sheets';
import type { Timer } from '../api/timers';
import { useWrite } from '../api/use-write';
import { shownAmount } from '../format/quantities';
import { todayHere } from '../format/today';
import { outbox } from '../offline/browser-outbox';
import { useSendLater } from '../offline/use-outbox';
import { useStoredYard } from '../offline/use-stored';
import { useQuantity, useSignedIn } from '../session/use-signed-in';
import { useNextSeasonStep } from './use-next-season-step';

export interface DoorSheetAsked {
  readonly timer: Timer;
  /** What is in the timer, or is spoken of as if it were. */
  readonly plan: Plan;
  readonly confirmed: Confirmed;
  /** What was cared for at this visit. */
  readonly cares: Visit['cares'];
}

/** The sheet for the door, as of today. */
export function useDoorSheet(asked: DoorSheetAsked): Sheet {
  const { timer, plan, confirmed, cares } = asked;
  const { firm, person } = useSignedIn();
  const volume = useQuantity('volume');
  const seasonStep = useNextSeasonStep(timer, plan);
  const yard = useStoredYard(timer.id).data?.document;
  const sensorBackOn = yard?.sensorBackOn ?? null;
  const on = parseDate(todayHere())!;
  const next = useNextCare(timer);
  const { of, keyedIn, unknown } = confirmed;
  return useMemo(
    () =>
      sheetOf({
        plan,
        on,
        property: timer.property.name,
        timer: timer.name,
        firm: firm.name,
        phone: firm.phone,
        handling: timer.handling,
        clock: person.clock,
        language: timer.property.language,
        due: dueDates({
          ...{ plan: withZone(plan, timer), on, seasonStep, sensorBackOn },
          ...doneOf(cares),
          ...{ spans: firm.spans, next, setsSummerTime: timer.handling.setsSummerTime },
          speaker: speakerOf(timer.property.language),
        }),
        volumeWords: (litres) => `${shownAmount(litres, volume)} ${volume.label}`,
        confirmed: { of, keyedIn, unknown },
        moistureHeld: yard ? moistureHeld(yard) : [],
      }),
    [
      plan,
      on,
      timer,
      firm,
      person.clock,
      cares,
      next,
      seasonStep,
      sensorBackOn,
      yard,
      volume,
      of,
      keyedIn,
      unknown,
    ],
  );
}

/** What was cared for, and when the backflow preventer is to be tested again, as was said. */
function doneOf(cares: Visit['cares']) {
  const done = [...cares.values()].filter(({ latest }) => latest.entry.isDone);
  const backflow = done.find(({ latest }) => latest.entry.what === 'backflow');
  return {
    care: new Set(done.map(({ latest }) => latest.entry.what)),
    backflowNextOn: backflow?.latest.entry.nextOn ?? null,
  };
}

const NOTHING_KNOWN: Standing['care'] = {};

/** When each care of a timer is to be taken next, as its home's list says it. */
function useNextCare({ id, property }: Timer): Standing['care'] {
  const timers = useQuery(timersOfPropertyQuery(property.id, todayHere()));
  return timers.data?.find((one) => one.id === id)?.standing?.care ?? NOTHING_KNOWN;
}

/** A plan in the time zone of the home that the timer hangs at. */
export const withZone = (plan: Plan, { property: { timeZone } }: Timer): Plan =>
  timeZone ? { ...plan, site: { ...plan.site, timeZone } } : plan;

/** Keeps a sheet as it is left at the door; `leftId` is the last that was. */
export function useLeaveSheet(timer: Timer, sheet: Sheet) {
  const sendLater = useSendLater();
  const { message } = App.useApp();
  const [leftId, setLeftId] = useState<string | null>(null);
  const { write, isWriting } = useWrite('leave-sheet', async () => {
    const body = { id: crypto.randomUUID(), document: sheet };
    await sendLater({
      id: body.id,
      lane: timer.id,
      method: 'POST',
      path: `/timers/${timer.id}/sheets`,
      body,
      words: 'The sheet for the door',
      touches: [sheetsQuery(timer.id).queryKey],
    });
    return { id: body.id, isSent: await outbox.settled(body.id) };
  });
  const leave = async () => {
    const done = await write();
    if (!done) return;
    const { id, isSent } = done.answer;
    setLeftId(id);
    void (isSent
      ? message.success('The sheet is kept as it is left.')
      : message.info('The sheet is on this device, waiting to be sent.'));
  };
  return { leave, isLeaving: isWriting, leftId };
}

import { clsx } from 'clsx';
import { parseDate } from '@water-clock/core/civil-time';
import { calendarText } from '@water-clock/core/formats';
import { lastLook, valueWords } from '@water-clock/core/key-in';
import type { Plan } from '@water-clock/core/settings';
import { dueDates, sheetOf, type Sheet } from '@water-clock/core/sheets';
import { isKeyedIn, tickEntries, type InTimer } from '@water-clock/core/visits';
import { counted } from '@water-clock/core/words';
import { App, Button, Checkbox } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { sheetsQuery } from '../api/sheets';
import type { Timer } from '../api/timers';
import { runsCsv } from './runs-csv';
import { downloadText, fileNameOf } from '../ui/text-files';
import { oncePressed } from '../ui/once-pressed';
import { useWrite } from '../api/use-write';
import { outbox } from '../offline/browser-outbox';
import { useSendLater } from '../offline/use-outbox';
import { SheetView } from '../sheet/sheet-view';
import { useQuantity, useSay, useSignedIn } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import { useNextSeasonStep } from './use-next-season-step';
import type { OpenVisit } from './use-visit';
import { VisitFrame } from './visit-frame';
import { todayHere } from '../format/today';
import { SheetLinks } from './sheet-links';
import { stepPlace } from './step-places';
import { useSaveCopy } from './use-save-copy';
import styles from './leave-page.module.css';
import pageStyles from '../ui/page.module.css';
import bigStepStyles from './big-step.module.css';

/** The last look, and what is left behind. */
export function LeavePage() {
  return (
    <VisitFrame title="Leave">
      {({ open, timer, inTimer }) => <Leave {...{ open, timer, inTimer }} />}
    </VisitFrame>
  );
}

interface LeaveProps {
  readonly open: OpenVisit;
  readonly timer: Timer;
  readonly inTimer: InTimer;
}

function Leave({ open, timer, inTimer }: LeaveProps) {
  const { plan } = inTimer;
  const { firm, person } = useSignedIn();
  const volume = useQuantity('volume');
  const seasonStep = useNextSeasonStep(timer, plan);
  const on = parseDate(todayHere())!;
  const sheet = useMemo(
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
        due: dueDates({ plan: withZone(plan, timer), on, care: open.visit.care, seasonStep }),
        volumeWords: (litres) => `${shownAmount(litres, volume)} ${volume.label}`,
      }),
    [plan, on, timer, firm, person.clock, open.visit.care, seasonStep, volume],
  );
  return (
    <div className={styles['leave']}>
      <div className={clsx('not-on-paper', styles['leave-side'])}>
        <NotReadBack open={open} inTimer={inTimer} />
        <LastLook open={open} plan={plan} />
        <LeaveBehind {...{ open, timer, inTimer, sheet }} />
      </div>
      <SheetView sheet={sheet} />
    </div>
  );
}

const withZone = (plan: Plan, { property: { timeZone } }: Timer): Plan =>
  timeZone ? { ...plan, site: { ...plan.site, timeZone } } : plan;

/** Set to run, sensor active, clock right, percentage as it is to be; and what was cared for. */
function LastLook({ open, plan }: Pick<LeaveProps, 'open'> & { readonly plan: Plan }) {
  const say = useSay();
  const care = [
    ['battery', 'The battery was changed'] as const,
    ...(plan.timer.rainSensor ? [['sensor', 'The rain sensor was tried'] as const] : []),
  ];
  return (
    <section className={pageStyles['sheet']} aria-labelledby="last-look">
      <h2 id="last-look">The last look</h2>
      <div className={styles['leave-ticks']}>
        {lastLook(plan).map((look) => (
          <Checkbox
            key={look.key}
            checked={isKeyedIn(open.visit, look)}
            onChange={(event) =>
              void open.addAll(
                tickEntries(open.visit, look, event.target.checked),
                `Last look: ${look.what}`,
              )
            }
          >
            {look.what}
            {look.value && (
              <>
                : <strong>{say(valueWords(look.value))}</strong>
              </>
            )}
          </Checkbox>
        ))}
        {care.map(([what, words]) => (
          <Checkbox
            key={what}
            checked={open.visit.care.has(what)}
            onChange={(event) =>
              void open.add({ kind: 'care', what, isDone: event.target.checked }, words)
            }
          >
            {words}
          </Checkbox>
        ))}
      </div>
    </section>
  );
}

/** What of the sheet nobody has seen on the display, and where to look. */
function NotReadBack({ open, inTimer }: Pick<LeaveProps, 'open' | 'inTimer'>) {
  const { keyedIn, unknown } = inTimer;
  if (keyedIn.length + unknown.length === 0) return null;
  const readBack = `${stepPlace('key-in', open.timerId)}?read-back=yes`;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="not-read-back">
      <h2 id="not-read-back">Not read back</h2>
      {keyedIn.length > 0 && (
        <p>
          {counted(keyedIn.length, 'value')} keyed in and not read back: the sheet has what was
          ticked.
        </p>
      )}
      {unknown.length > 0 && (
        <p>
          Nobody knows what stands at {counted(unknown.length, 'place')} of this timer: the sheet
          has what the desk has there.
        </p>
      )}
      <Link to={readBack}>Read it back</Link>
    </section>
  );
}

const CALENDAR_DAYS = 60;

/** Leaves the sheet, the files and the link, and ends the visit. */
function LeaveBehind({ open, timer, inTimer, sheet }: LeaveProps & { sheet: Sheet }) {
  const { plan, keyedIn, unknown } = inTimer;
  const keeping = useSaveCopy(timer.id, 'left');
  const sendLater = useSendLater();
  const navigate = useNavigate();
  const { message, modal } = App.useApp();
  const [left, setLeft] = useState<string | null>(null);
  const notLooked = lastLook(plan).filter((look) => !isKeyedIn(open.visit, look));
  const name = fileNameOf(timer.property.name, timer.name);
  const range = { from: parseDate(todayHere())!, days: CALENDAR_DAYS };

  const leaving = useWrite('leave-sheet', async () => {
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
    const done = await leaving.write();
    if (!done) return;
    const { id, isSent } = done.answer;
    setLeft(id);
    void (isSent
      ? message.success('The sheet is kept as it is left.')
      : message.info('The sheet is on this device, waiting to be sent.'));
  };
  const finish = async () => {
    // What was keyed in is what is in the timer from now on, read back or not.
    if (keyedIn.length > 0 && unknown.length === 0 && !(await keeping.write(plan))) return;
    await open.add({ kind: 'step', step: 'leave', state: 'done' }, 'Leave: done');
    if (await open.end()) await navigate(`/properties/${timer.property.id}`);
  };
  const askToFinish = () => {
    if (notLooked.length === 0) return void finish();
    return void modal.confirm({
      title: 'Leave without the last look?',
      content: `Not ticked: ${notLooked.map(({ what }) => what.toLowerCase()).join(', ')}.`,
      okText: 'End the visit all the same',
      okButtonProps: { type: 'default' },
      cancelText: 'Look once more',
      cancelButtonProps: { type: 'primary' },
      focusable: { autoFocusButton: 'cancel' },
      onOk: finish,
    });
  };
  return (
    <section className={clsx(pageStyles['sheet'], styles['leave-behind'])} aria-labelledby="behind">
      <h2 id="behind">Leave behind</h2>
      <div className={styles['leave-ways']}>
        <Button type="primary" loading={leaving.isWriting} onClick={() => void leave()}>
          Leave this sheet
        </Button>
        <Button onClick={() => window.print()}>Print</Button>
        <Button
          onClick={() =>
            downloadText(
              `${name}.ics`,
              calendarText(withZone(plan, timer), range, {
                madeAt: `${new Date().toISOString().slice(0, 19)}Z`,
                identity: timer.id,
              }),
              'text/calendar',
            )
          }
        >
          Calendar file
        </Button>
        <Button onClick={() => downloadText(`${name}.csv`, runsCsv(plan, range), 'text/csv')}>
          Runs as CSV
        </Button>
      </div>
      <SheetLinks timer={timer} leftId={left} isLeaving={leaving.isWriting} />
      <Button
        type="primary"
        className={clsx(bigStepStyles['big-tap'])}
        onClick={oncePressed(askToFinish)}
      >
        End the visit
      </Button>
    </section>
  );
}

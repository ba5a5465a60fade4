import { clsx } from 'clsx';
import { civilDateOf, parseDate } from '@water-clock/core/civil-time';
import { CARE_DONE, caresAt, type Care } from '@water-clock/core/care';
import { calendarText } from '@water-clock/core/formats';
import { lastLook, valueWords } from '@water-clock/core/key-in';
import type { Confirmed, Plan } from '@water-clock/core/settings';
import type { Sheet } from '@water-clock/core/sheets';
import { isKeyedIn, tickEntries, type InTimer } from '@water-clock/core/visits';
import { counted, shortDate } from '@water-clock/core/words';
import { App, Button, Checkbox } from 'antd';
import { Link, useNavigate } from 'react-router';
import type { Timer } from '../api/timers';
import { Foot } from '../ui/page';
import { runsCsv } from './runs-csv';
import { downloadText, fileNameOf } from '../ui/text-files';
import { oncePressed } from '../ui/once-pressed';
import { SheetHere } from '../sheet/sheet-here';
import { useSay } from '../session/use-signed-in';
import type { OpenVisit } from '../timer-records/use-visit';
import { useDoorSheet, useLeaveSheet, withZone } from './use-door-sheet';
import { VisitFrame } from './visit-frame';
import { todayHere } from '../format/today';
import { OwnMemorySheet } from './own-memory';
import { SensorBack } from './sensor-back';
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
      {({ open, timer, inTimer, confirmed }) => <Leave {...{ open, timer, inTimer, confirmed }} />}
    </VisitFrame>
  );
}

interface LeaveProps {
  readonly open: OpenVisit;
  readonly timer: Timer;
  readonly inTimer: InTimer;
  readonly confirmed: Confirmed;
}

function Leave({ open, timer, inTimer, confirmed }: LeaveProps) {
  const { plan } = inTimer;
  const sheet = useDoorSheet({ timer, plan, confirmed, cares: open.visit.cares });
  return (
    <div className={styles['leave']}>
      <div className={clsx('not-on-paper', styles['leave-side'])}>
        <NotReadBack open={open} inTimer={inTimer} />
        <LastLook open={open} plan={plan} />
        <OwnMemorySheet timer={timer} inTimer={leftOn(todayHere())} />
        <LeaveBehind {...{ open, timer, inTimer, confirmed, sheet }} />
      </div>
      <SheetHere sheet={sheet} />
    </div>
  );
}

/** @example "the timer as left on Sun 29 Nov 2026" */
const leftOn = (date: string): string => {
  const day = parseDate(date)!;
  return `the timer as left on ${shortDate(day)} ${civilDateOf(day).year}`;
};

/** What needs no more said of it than that it is done. */
const TICKED_HERE: readonly Care[] = ['battery', 'sensor', 'filter'];

/** Set to run, sensor active, clock right, percentage as it is to be; and what was cared for. */
function LastLook({ open, plan }: Pick<LeaveProps, 'open'> & { readonly plan: Plan }) {
  const say = useSay();
  const care = caresAt(plan).filter((one) => TICKED_HERE.includes(one));
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
        <SensorBack timerId={open.timerId} plan={plan} />
        {care.map((what) => (
          <Checkbox
            key={what}
            checked={open.visit.care.has(what)}
            onChange={(event) =>
              void open.add(
                {
                  ...(open.visit.cares.get(what)?.latest.entry ?? { kind: 'care', what }),
                  isDone: event.target.checked,
                },
                CARE_DONE[what],
              )
            }
          >
            {CARE_DONE[what]}
          </Checkbox>
        ))}
      </div>
      <p className={pageStyles['way']}>
        <Link to={`/timers/${open.timerId}/visit/care`}>Checklists, winter and spring</Link>
      </p>
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
function LeaveBehind({ open, timer, inTimer, confirmed, sheet }: LeaveProps & { sheet: Sheet }) {
  const { plan, keyedIn } = inTimer;
  const keeping = useSaveCopy(timer.id, 'left');
  const navigate = useNavigate();
  const { modal } = App.useApp();
  const { leave, isLeaving, leftId } = useLeaveSheet(timer, sheet);
  const notLooked = lastLook(plan).filter((look) => !isKeyedIn(open.visit, look));
  const name = fileNameOf(timer.property.name, timer.name);
  const range = { from: parseDate(todayHere())!, days: CALENDAR_DAYS };

  const finish = async () => {
    // What was keyed in is what is in the timer from now on, read back or not.
    const held = { document: plan, keyedIn: confirmed.keyedIn, unknown: confirmed.unknown };
    if (keyedIn.length > 0 && !(await keeping.write(held))) return;
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
        <Button
          type={leftId ? 'default' : 'primary'}
          loading={isLeaving}
          onClick={() => void leave()}
        >
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
      <SheetLinks timer={timer} leftId={leftId} isLeaving={isLeaving} />
      <Foot>
        <Button
          type={leftId ? 'primary' : 'default'}
          className={clsx(bigStepStyles['big-tap'])}
          onClick={oncePressed(askToFinish)}
        >
          End the visit
        </Button>
      </Foot>
    </section>
  );
}

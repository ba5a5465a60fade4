import { useQuery, useQueryClient } from '@tanstack/react-query';
import { parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { simulate, simulationReport } from '@water-clock/core/engine';
import { calendarText } from '@water-clock/core/formats';
import { keyInSteps, valueWords } from '@water-clock/core/key-in';
import type { Plan } from '@water-clock/core/settings';
import { dueDates, sheetOf, type Sheet } from '@water-clock/core/sheets';
import { tickKey } from '@water-clock/core/visits';
import { App, Button, Checkbox, Select } from 'antd';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { troubleInWords } from '../../api/client';
import { pdfAddress, sheetsKey, sheetsQuery, shareSheet, withdrawLink } from '../../api/sheets';
import type { Timer } from '../../api/timers';
import { momentWords } from '../../copies-words/copy-words';
import { downloadText, fileNameOf } from '../../files/text-files';
import { useOutbox, useSendLater } from '../../outbox/use-outbox';
import { SheetView } from '../../sheet/sheet-view';
import { useClock, useQuantity, useSay, useSignedIn } from '../../signed-in/use-signed-in';
import { shownAmount } from '../../units/quantities';
import { useNextSeasonStep } from '../../visit/use-next-season-step';
import type { OpenVisit } from '../../visit/use-visit';
import { VisitFrame } from '../../visit/visit-frame';
import { todayHere } from '../../words/today';
import './big-step.css';
import './leave-page.css';

/** The last look, and what is left behind. */
export function LeavePage() {
  return (
    <VisitFrame title="Leave">
      {({ open, timer, target, inTimer }) => (
        <Leave {...{ open, timer }} plan={inTimer ?? target} />
      )}
    </VisitFrame>
  );
}

interface LeaveProps {
  readonly open: OpenVisit;
  readonly timer: Timer;
  /** What is in the timer. */
  readonly plan: Plan;
}

function Leave({ open, timer, plan }: LeaveProps) {
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
    <div className="leave">
      <div className="not-on-paper leave-side">
        <LastLook open={open} plan={plan} />
        <LeaveBehind {...{ open, timer, plan, sheet }} />
      </div>
      <SheetView sheet={sheet} />
    </div>
  );
}

const withZone = (plan: Plan, { property: { timeZone } }: Timer): Plan =>
  timeZone ? { ...plan, site: { ...plan.site, timeZone } } : plan;

/** Set to run, sensor active, clock right, percentage as it is to be; and what was cared for. */
function LastLook({ open, plan }: Pick<LeaveProps, 'open' | 'plan'>) {
  const say = useSay();
  const looks = keyInSteps({ target: plan, present: plan, order: [], isWhole: false });
  const care = [
    ['battery', 'The battery was changed'] as const,
    ...(plan.timer.rainSensor ? [['sensor', 'The rain sensor was tried'] as const] : []),
  ];
  return (
    <section className="sheet" aria-labelledby="last-look">
      <h2 id="last-look">The last look</h2>
      <div className="leave-ticks">
        {looks.map(({ key, what, value }) => {
          const words = value ? valueWords(value) : 'right';
          return (
            <Checkbox
              key={key}
              checked={open.visit.keyedIn.has(tickKey(key, words))}
              onChange={(event) =>
                void open.add(
                  { kind: 'key-in', key, value: words, isTicked: event.target.checked },
                  `Last look: ${what}`,
                )
              }
            >
              {what}
              {value && (
                <>
                  : <strong>{say(words)}</strong>
                </>
              )}
            </Checkbox>
          );
        })}
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

const CALENDAR_DAYS = 60;

/** Leaves the sheet, the files and the link, and ends the visit. */
function LeaveBehind({ open, timer, plan, sheet }: LeaveProps & { sheet: Sheet }) {
  const sendLater = useSendLater();
  const navigate = useNavigate();
  const { message, modal } = App.useApp();
  const [left, setLeft] = useState<string | null>(null);
  const looks = keyInSteps({ target: plan, present: plan, order: [], isWhole: false });
  const isLooked = looks.every(({ key, value }) =>
    open.visit.keyedIn.has(tickKey(key, value ? valueWords(value) : 'right')),
  );
  const name = fileNameOf(timer.property.name, timer.name);
  const range = { from: parseDate(todayHere())!, days: CALENDAR_DAYS };

  const leave = async () => {
    const body = { id: crypto.randomUUID(), document: sheet };
    await sendLater({
      id: body.id,
      method: 'POST',
      path: `/timers/${timer.id}/sheets`,
      body,
      words: 'The sheet for the door',
      touches: [sheetsQuery(timer.id).queryKey],
    });
    setLeft(body.id);
    void message.success('The sheet is kept as it is left.');
  };
  const finish = async () => {
    await open.add({ kind: 'step', step: 'leave', state: 'done' }, 'Leave: done');
    await open.end();
    await navigate(`/properties/${timer.property.id}`);
  };
  const askToFinish = () => {
    if (isLooked) return void finish();
    return void modal.confirm({
      title: 'Leave without the last look?',
      content: 'Set to run, sensor active, clock right: not all of it is ticked.',
      okText: 'End the visit all the same',
      cancelText: 'Look once more',
      onOk: finish,
    });
  };
  return (
    <section className="sheet leave-behind" aria-labelledby="behind">
      <h2 id="behind">Leave behind</h2>
      <div className="leave-ways">
        <Button type="primary" onClick={() => void leave()}>
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
      <Links timer={timer} leftId={left} />
      <Button type="primary" className="big-tap" onClick={askToFinish}>
        End the visit
      </Button>
    </section>
  );
}

/** Every piece of the coming nights, a line each. */
function runsCsv(plan: Plan, range: { from: DayNumber; days: number }) {
  const names = new Map(plan.stations.map(({ number, name }) => [number, name ?? '']));
  const { pieces } = simulationReport(simulate(plan, range));
  return Papa.unparse(
    pieces.map(({ program, startNumber, station, piece, from, to }) => ({
      from: from.replace('T', ' '),
      to: to.replace('T', ' '),
      program,
      start: startNumber,
      station,
      name: names.get(station),
      piece,
    })),
    { newline: '\n' },
  );
}

const LINK_DAYS = [
  { value: 30, label: '30 days' },
  { value: 180, label: 'half a year' },
  { value: 365, label: 'a year' },
];

/** Links for the household to the sheet that was left last; each can be withdrawn. */
function Links({ timer, leftId }: { timer: Timer; leftId: string | null }) {
  const client = useQueryClient();
  const { message, modal } = App.useApp();
  const clock = useClock();
  const sheets = useQuery(sheetsQuery(timer.id));
  const waits = useOutbox().some(({ id }) => id === leftId);
  const [days, setDays] = useState(180);
  const [made, setMade] = useState<string | null>(null);
  const last = sheets.data?.[0];
  if (waits)
    return <p className="soft">PDF and link can be had as soon as the sheet has gone up.</p>;
  if (!last) return <p className="soft">PDF and link can be had once a sheet is left.</p>;
  const act = async (change: () => Promise<unknown>) => {
    try {
      await change();
      await client.invalidateQueries({ queryKey: sheetsKey });
    } catch (error) {
      void message.error(troubleInWords(error));
    }
  };
  const share = () =>
    act(async () => {
      const { token } = await shareSheet(last.id, days);
      setMade(`${window.location.origin}/s/${token}`);
    });
  const askToWithdraw = (id: string) =>
    void modal.confirm({
      title: 'Withdraw the link?',
      content: 'Whoever has it sees the sheet no more.',
      okText: 'Withdraw it',
      onOk: () => act(() => withdrawLink(id)),
    });
  return (
    <div className="leave-links">
      <span>
        Left {momentWords(last.madeAt, clock)}, {last.person}:{' '}
        <a href={pdfAddress(last.id)} target="_blank" rel="noreferrer">
          PDF
        </a>
      </span>
      <span>
        <Button onClick={() => void share()}>Make a link</Button> for{' '}
        <Select
          aria-label="How long the link leads to it"
          value={days}
          options={LINK_DAYS}
          onChange={setDays}
        />
      </span>
      {made && (
        <span>
          <a href={made} className="leave-link" data-testid="share-link">
            {made}
          </a>{' '}
          <Button
            size="small"
            onClick={() =>
              void navigator.clipboard
                .writeText(made)
                .then(() => message.success('Copied.'))
                .catch(() => message.error('It could not be copied: select it by hand.'))
            }
          >
            Copy
          </Button>{' '}
          <span className="soft">It is shown this once.</span>
        </span>
      )}
      <ul>
        {last.links.map(({ id, expiresAt }) => (
          <li key={id}>
            A link until {momentWords(expiresAt, clock).split(',')[0]}{' '}
            <Button size="small" onClick={() => askToWithdraw(id)}>
              Withdraw…
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

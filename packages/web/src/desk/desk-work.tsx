import {
  civilDateOf,
  parseDateTime,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import type { Finding } from '@water-clock/core/findings';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { NIGHTS, type BoardRun } from '../computing/board-model';
import { NightBoard, type StartChoice } from './board/night-board';
import { SeldomWords } from './board/seldom-words';
import type { DeskFinding, DeskModel } from '../computing/desk-model';
import { useDeskWorker, type DeskComputer } from '../computing/use-desk-worker';
import { fieldsOf } from './findings/finding-field';
import { FindingsPanel } from './findings/findings-panel';
import { focusField } from './state/fields';
import type { Timer } from '../api/timers';
import { DeskSettings } from './desk-settings';
import { HeadroomStrip } from './headroom/headroom-strip';
import { hasStart, moveStart, type Plan } from '@water-clock/core/settings';
import { useOtherTimers } from './findings/use-other-timers';
import { nightOf } from '../computing/year-model';
import { mowingSentence } from '../format/mowing-words';
import { useMayChange } from '../session/use-signed-in';
import { later } from '../ui/later';
import { BoardBar } from './board-bar';
import { PaneChoice } from './pane-choice';
import type { DeskPlace } from './state/use-desk-place';
import type { SettingsOnDesk } from './state/use-settings-on-desk';
import { useYear } from './use-year';
import { VerdictBar } from './verdict-bar';
import styles from './desk.module.css';

const FixDialog = later(() => import('./findings/fix-dialog'), 'FixDialog');
const RunDetails = later(() => import('./board/run-details'), 'RunDetails');
const YearBoard = later(() => import('./year/year-board'), 'YearBoard');

type DeskWorkProps = Pick<SettingsOnDesk, 'plan' | 'edit' | 'settle'> & {
  readonly timer: Timer;
  readonly place: DeskPlace;
  /** The leader of each station that follows another. */
  readonly leaders: ReadonlyMap<number, number>;
  /** Stations that a moisture sensor may hold back. */
  readonly moistureHeld: readonly number[];
};

/** Settings on the left, the nights they make on the right and what is found on them, live. */
export const DeskWork = memo(function DeskWork(props: DeskWorkProps) {
  const { timer, plan, place, leaders, moistureHeld, edit, settle } = props;
  const { since, night, board, pane, isTrueTime, go } = place;
  const mayChange = useMayChange();
  const computer = useDeskWorker(plan, { night, since, isTrueTime });
  const { model } = computer;
  const others = useOtherTimers(timer, plan, since);
  const [fixing, setFixing] = useState<Finding | 'home' | null>(null);
  const { fixes } = computer;
  const askForFixes = useCallback(
    (now: Plan) =>
      fixing === null || fixing === 'home' ? others.fixes(now) : fixes(now, fixing, since),
    [fixing, others, fixes, since],
  );
  const [selected, setSelected] = useState<string | null>(null);
  const select = useCallback((run: BoardRun | null) => setSelected(run?.key ?? null), []);
  const move = useCallback(
    ({ program, startNumber }: StartChoice, minutes: number, all: boolean, gesture: string) =>
      edit(moveStart(program, all ? 'all' : startNumber - 1, minutes), gesture),
    [edit],
  );
  const { startStepMinutes: stepMinutes } = plan.timer;
  const moving = useMemo(
    () => ({ stepMinutes, onMove: move, onSettle: settle }),
    [stepMinutes, move, settle],
  );

  const sought = useRef<readonly string[]>([]);
  const show = useCallback(
    (finding: Finding) => {
      const at = finding.first === undefined ? null : parseDateTime(finding.first);
      go({ pane: 'settings', ...(at !== null && { board: 'nights', ...nightToShow(at, night) }) });
      sought.current = fieldsOf(finding, plan);
      sought.current.find(focusField);
    },
    [go, plan, night],
  );
  // Where the settings were not seen, they are only now.
  useEffect(() => {
    if (pane === 'settings') sought.current.find(focusField);
    sought.current = [];
  }, [pane]);
  const { property } = timer;
  const findings = useMemo(
    () => model?.findings.map((finding) => withMowing(finding, property)) ?? [],
    [model, property],
  );
  const fixAll = useCallback(() => go({ mode: 'repair' }), [go]);
  const fixHome = useCallback(() => setFixing('home'), []);
  const hasRuns = plan.programs.some((program) => hasStart(program) && program.runs.length > 0);

  return (
    <>
      <VerdictBar
        model={model}
        controller={plan.controller}
        failure={computer.failure}
        ofHome={others.finding}
      />
      <PaneChoice {...{ pane, go }} findings={findings.length + (others.finding ? 1 : 0)} />
      <div className={styles['desk-body']} data-pane={pane}>
        <section className={styles['desk-settings']} aria-label="Settings of the timer">
          <DeskSettings
            plan={plan}
            longestHoldDays={timer.handling.longestHoldDays}
            totals={model?.board.totals ?? NO_TOTALS}
            inForce={model?.inForce ?? NONE}
            {...{ leaders, moistureHeld, since }}
            onEdit={edit}
            onSettle={settle}
          >
            {model && (
              <HeadroomStrip
                allDates={model.allDates}
                season={plan.controller.season}
                programs={plan.programs}
                month={civilDateOf(since).month}
              />
            )}
          </DeskSettings>
        </section>
        <section className={styles['desk-nights']} aria-label="Nights to come">
          {model && (
            <>
              <BoardBar
                {...{ board, night, isTrueTime, go }}
                clockErrorSeconds={model.clockErrorSeconds}
              />
              {board === 'nights' ? (
                <>
                  <NightBoard
                    className={styles['desk-board']}
                    model={model.board}
                    selected={selected}
                    onSelect={select}
                    {...(mayChange && { moving })}
                  />
                  <SeldomWords {...model.board} />
                </>
              ) : (
                <Year {...{ plan, place }} ask={computer.year} />
              )}
              <div className={styles['desk-below']}>
                {board === 'nights' && <SelectedRun {...{ plan, model, selected }} />}
                <FindingsPanel
                  findings={findings}
                  isClockOff={model.clockErrorSeconds !== 0}
                  hasRuns={hasRuns}
                  onShow={show}
                  ofHome={others.finding}
                  onFix={setFixing}
                  onFixOfHome={fixHome}
                  onFixAll={fixAll}
                />
              </div>
            </>
          )}
        </section>
      </div>
      {fixing && (
        <FixDialog
          message={fixing === 'home' ? (others.finding?.message ?? '') : fixing.message}
          plan={plan}
          ask={askForFixes}
          onApply={(fixed) => edit(() => fixed)}
          onClose={() => setFixing(null)}
        />
      )}
    </>
  );
});

const NO_TOTALS = {};
const NONE: readonly never[] = [];

/** The settings know which days are kept dry for mowing; which of them is mown, the home knows. */
function withMowing(finding: DeskFinding, property: Timer['property']): DeskFinding {
  const words = finding.code === 'mowing-day' ? mowingSentence(property) : null;
  return words === null ? finding : { ...finding, fix: `${finding.fix} ${words}` };
}

/** The night of a moment as the board's first, unless it is on the board already. */
function nightToShow(moment: TimerSeconds, first: DayNumber): { night?: DayNumber } {
  const night = nightOf(moment);
  return night >= first && night < first + NIGHTS ? {} : { night };
}

interface SelectedRunProps {
  readonly plan: Plan;
  readonly model: DeskModel;
  /** The key of the run; null where none is selected. */
  readonly selected: string | null;
}

function SelectedRun({ plan, model: { board }, selected }: SelectedRunProps) {
  const run = board.nights.flatMap(({ runs }) => runs).find(({ key }) => key === selected);
  if (!run) return null;
  const collisions = board.collisions.filter(({ a, b }) => a === run || b === run);
  const stationNames = new Map(
    plan.stations.map(({ number, name }) => [number, name ?? `Station ${number}`]),
  );
  return <RunDetails {...{ run, collisions, stationNames }} overlap={plan.timer.overlap} />;
}

interface YearProps {
  readonly plan: Plan;
  readonly place: DeskPlace;
  readonly ask: DeskComputer['year'];
}

function Year({ plan, place: { since, night, go }, ask }: YearProps) {
  const year = useYear(ask, plan, since);
  const open = useCallback((day: DayNumber) => go({ night: day, board: 'nights' }), [go]);
  return year && <YearBoard model={year} night={night} onOpen={open} />;
}

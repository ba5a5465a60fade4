import { clsx } from 'clsx';
import { parseDate } from '@water-clock/core/civil-time';
import { clockErrorSeconds } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { ClockEditor } from '../../desk/clock/clock-editor';
import { clockErrorWords } from '../../desk/clock/clock-error-words';
import { ProgramExtras, StationExtras, TimerExtras } from '../../desk/extras/extra-fields';
import { CellInput } from '../../ui/cell-input';
import { ControllerStrip } from '../../desk/grid/controller-strip';
import { BlockedDaysCell, DaysCell } from '../../desk/grid/days-cell';
import { FIELDS } from '../../desk/state/fields';
import { PercentCell, StartCell } from '../../desk/grid/program-cells';
import {
  addStation,
  nextStationNumber,
  programOf,
  setRunTime,
  setStation,
  type PlanEdit,
} from '@water-clock/core/settings';
import { LENGTH_HINT, minutesText, parseLength } from '../../format/lengths';
import { todayHere } from '../../format/today';
import { Button } from 'antd';
import pageStyles from '../../ui/page.module.css';
import styles from './as-found-page.module.css';
import gridTableStyles from '../../ui/grid-table.module.css';

interface ReadingProps {
  readonly plan: Plan;
  /** The longest hold that the timer type takes. */
  readonly longestHoldDays: number;
  readonly edit: (edit: PlanEdit, key?: string) => void;
  readonly settle: () => void;
}

interface ClockReadingProps {
  readonly clock: Plan['controller']['clock'];
  readonly timeZone: string | undefined;
  readonly edit: ReadingProps['edit'];
}

/** What the timer's clock shows, first of all: AM or PM, weekday and year too. */
export function ClockReading({ clock, timeZone, edit }: ClockReadingProps) {
  const words = clock ? clockErrorWords(clockErrorSeconds({ clock })) : null;
  return (
    <section className={clsx(pageStyles['sheet'], styles['as-found-clock'])} aria-label="Clock">
      <h2>What does its clock show? Mind AM or PM, the weekday and the year.</h2>
      <ClockEditor
        clock={clock}
        timeZone={timeZone}
        since={parseDate(todayHere())!}
        onEdit={edit}
      />
      {clock && (
        <p role="status">
          Read {formatDateTimeWords(clock.timerReads)}: <strong>{words}</strong>.
        </p>
      )}
    </section>
  );
}

const formatDateTimeWords = (text: string): string => text.replace('T', ' ');

/** One program as the timer shows it: starts, run times, water days. */
export function ProgramReading({
  plan,
  longestHoldDays,
  program: id,
  edit,
  settle,
}: ReadingProps & { program: string }) {
  const { timer, stations, controller } = plan;
  const program = programOf(plan, id);
  const startRows = Math.min(
    Math.max(timer.startsPerProgram, program.starts.length),
    program.starts.length + 1,
  );
  const next = nextStationNumber(plan);
  return (
    <section
      className={clsx(pageStyles['sheet'], styles['as-found-sheet'])}
      aria-label={`Program ${id}`}
    >
      <h2>Program {id}</h2>
      <table className={clsx(gridTableStyles['settings-grid'], styles['as-found-table'])}>
        <tbody>
          {Array.from({ length: startRows }, (_, index) => (
            <tr key={`start ${index}`}>
              <th scope="row" className={gridTableStyles['row-name']}>
                Start {index + 1}
              </th>
              <StartCell
                {...{ timer, program, index }}
                row={index}
                column={0}
                onEdit={edit}
                onSettle={settle}
              />
            </tr>
          ))}
          {stations.map(({ number, name }, index) => {
            const seconds = program.runs.find(({ station }) => station === number)?.seconds;
            return (
              <tr key={number}>
                <th scope="row" className={gridTableStyles['row-name']}>
                  {number} {name}
                </th>
                <td>
                  <CellInput
                    keys="length"
                    label={`Station ${number}, program ${id}, minutes`}
                    field={FIELDS.minutes(id, number)}
                    text={seconds === undefined ? '' : minutesText(seconds)}
                    placeholder="off"
                    row={startRows + index}
                    column={0}
                    onSettle={settle}
                    onType={(text, key) => {
                      const read = parseLength(text);
                      if (read === undefined) return LENGTH_HINT;
                      edit(setRunTime(id, number, read), key);
                      return null;
                    }}
                  />
                </td>
              </tr>
            );
          })}
          <tr>
            <th scope="row" className={gridTableStyles['row-name']}>
              Water days
            </th>
            <DaysCell
              program={id}
              days={program.days}
              blockedWeekdays={program.blockedWeekdays}
              dayModes={timer.dayModes}
              onEdit={edit}
            />
          </tr>
          <tr>
            <th scope="row" className={gridTableStyles['row-name']}>
              Never on
            </th>
            <BlockedDaysCell program={id} blockedWeekdays={program.blockedWeekdays} onEdit={edit} />
          </tr>
          {controller.season.mode === 'program' && (
            <tr>
              <th scope="row" className={gridTableStyles['row-name']}>
                Percentage
              </th>
              <PercentCell
                program={program}
                row={startRows + stations.length}
                column={0}
                onEdit={edit}
                onSettle={settle}
              />
            </tr>
          )}
        </tbody>
      </table>
      <ProgramExtras {...{ plan, longestHoldDays, program: id }} onEdit={edit} />
      {next !== null && (
        <Button size="small" onClick={() => edit(addStation(next))}>
          It shows station {next} too
        </Button>
      )}
    </section>
  );
}

/** What is set outside the programs, and cycle and soak where the timer has them. */
export function RestReading({ plan, longestHoldDays, edit, settle }: ReadingProps) {
  const { timer, stations } = plan;
  return (
    <section className={clsx(pageStyles['sheet'], styles['as-found-sheet'])} aria-label="The rest">
      <h2>Percentage, wait, sensor, on or off</h2>
      <ControllerStrip
        timer={timer}
        controller={plan.controller}
        timeZone={plan.site?.timeZone}
        since={parseDate(todayHere())!}
        onEdit={edit}
      />
      <TimerExtras {...{ plan, longestHoldDays }} onEdit={edit} />
      <StationExtras {...{ plan, longestHoldDays }} onEdit={edit} />
      {timer.cycleSoak && (
        <table
          className={clsx(gridTableStyles['settings-grid'], styles['as-found-table'])}
          aria-label="Cycle and soak"
        >
          <thead>
            <tr>
              <th className={gridTableStyles['row-name']}>Station</th>
              <th className={gridTableStyles['column-name']}>cycle, min</th>
              <th className={gridTableStyles['column-name']}>soak, min</th>
            </tr>
          </thead>
          <tbody>
            {stations.map((station, row) => (
              <tr key={station.number}>
                <th scope="row" className={gridTableStyles['row-name']}>
                  {station.number} {station.name}
                </th>
                {(['cycle', 'soak'] as const).map((what, column) => {
                  const field = `${what}Seconds` as const;
                  const seconds = station[field];
                  return (
                    <td key={what}>
                      <CellInput
                        keys="length"
                        label={`Station ${station.number}, ${what}`}
                        field={FIELDS[what](station.number)}
                        text={seconds === undefined ? '' : minutesText(seconds)}
                        placeholder="off"
                        {...{ row, column }}
                        onSettle={settle}
                        onType={(text, key) => {
                          const read = parseLength(text);
                          if (read === undefined) return LENGTH_HINT;
                          edit(setStation(station.number, { [field]: read ?? undefined }), key);
                          return null;
                        }}
                      />
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

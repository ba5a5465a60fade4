import { PlusOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import { memo, type ClipboardEvent } from 'react';
import type { Plan } from '@water-clock/core/settings';
import type { BoardModel } from '../../computing/board-model';
import {
  addStation,
  nextStationNumber,
  programOf,
  type PlanEdit,
} from '@water-clock/core/settings';
import { BlockedDaysCell, DaysCell } from './days-cell';
import type { PastePlace } from './paste-block';
import { ProgramHead } from './program-head';
import { PercentCell, StartCell } from './program-cells';
import { useSay } from '../../session/use-signed-in';
import { StationRow } from './station-row';
import { endOfFirstStart } from './totals';
import { hoursText } from '../../format/lengths';
import gridTableStyles from '../../ui/grid-table.module.css';
import { placeOfCell } from '../../ui/place-of-cell';
import { useCellRange } from '../../ui/use-cell-range';
import { usePastedPart } from '../../ui/pasted-part';

export const NO_CYCLE = 'This timer has no cycle-and-soak.';

/** Number, cycle and soak; and what is left for names, however many programs stand beside them. */
const FIRST_COLUMNS = 112;
const LEAST_NAME = 96;

interface GridProps {
  readonly plan: Plan;
  readonly totals: BoardModel['totals'];
  /** The leader of each station that follows another. */
  readonly leaders: ReadonlyMap<number, number>;
  /** Edits with the same key, one after the other, are one step back. */
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
  readonly onSettle: () => void;
}

/** The whole timer in one look: stations down, programs across, days and starts on top. */
export const SettingsGrid = memo(function SettingsGrid(props: GridProps) {
  const { plan, totals, leaders, onEdit, onSettle } = props;
  const { message } = App.useApp();
  const takePart = usePastedPart();
  const range = useCellRange();
  const say = useSay();
  const { timer } = plan;
  const labels = timer.programs;
  const programs = labels.map((label) => programOf(plan, label));
  const startRows = Math.min(
    plan.timer.startsPerProgram,
    1 + Math.max(0, ...plan.programs.map((program) => program.starts.length)),
  );
  const mostStarts = Math.max(startRows, ...plan.programs.map((program) => program.starts.length));
  const isByProgram = plan.controller.season.mode === 'program';
  const firstStation = mostStarts + (isByProgram ? 1 : 0);
  const isSoaking = plan.timer.cycleSoak !== null;
  const next = nextStationNumber(plan);
  const programWidth = labels.length > 3 ? 62 : 80;

  const paste = async (text: string, place: PastePlace) => {
    // Nobody needs it but who pastes.
    const { pasteBlock } = await import('./paste-block');
    takePart(pasteBlock(plan, text, place), onEdit);
  };
  const onPaste = (event: ClipboardEvent<HTMLTableElement>) => {
    const place = placeOfCell(event.target);
    const text = event.clipboardData.getData('text/plain');
    if (!/[\t\n]/.test(text.trim()) || !place) return;
    event.preventDefault();
    paste(text, { ...place, firstStation }).catch(() =>
      message.error('Nothing was pasted: what reads a block could not be loaded. Try again.', 8),
    );
  };

  return (
    <table
      className={gridTableStyles['settings-grid']}
      style={{ minWidth: FIRST_COLUMNS + LEAST_NAME + labels.length * programWidth }}
      aria-label="Settings"
      data-skip-to
      onPaste={onPaste}
      {...range}
    >
      <colgroup>
        <col style={{ width: 28 }} />
        <col />
        <col style={{ width: 42 }} />
        <col style={{ width: 42 }} />
        {labels.map((label) => (
          <col key={label} style={{ width: programWidth }} />
        ))}
      </colgroup>
      <thead>
        <tr>
          <th colSpan={4} className={gridTableStyles['row-name']}>
            Program
          </th>
          {labels.map((label, order) => (
            <ProgramHead
              key={label}
              {...{ label, order, onEdit }}
              program={programs[order]!}
              most={timer.maxConcurrentStations}
            />
          ))}
        </tr>
        <tr>
          <th colSpan={4} scope="row" className={gridTableStyles['row-name']}>
            Water days
          </th>
          {programs.map(({ id, days, blockedWeekdays }) => (
            <DaysCell
              key={id}
              program={id}
              dayModes={timer.dayModes}
              {...{ days, blockedWeekdays, onEdit }}
            />
          ))}
        </tr>
        <tr>
          <th colSpan={4} scope="row" className={gridTableStyles['row-name']}>
            Never on
          </th>
          {programs.map(({ id, blockedWeekdays }) => (
            <BlockedDaysCell key={id} program={id} {...{ blockedWeekdays, onEdit }} />
          ))}
        </tr>
        {Array.from({ length: mostStarts }, (_, index) => (
          <tr key={index}>
            <th colSpan={4} scope="row" className={gridTableStyles['row-name']}>
              Start {index + 1}
            </th>
            {programs.map((program, order) => (
              <StartCell
                key={program.id}
                {...{ timer, program, onEdit, onSettle, index }}
                row={index}
                column={order + 3}
              />
            ))}
          </tr>
        ))}
        {isByProgram && (
          <tr>
            <th colSpan={4} scope="row" className={gridTableStyles['row-name']}>
              Percentage
            </th>
            {programs.map((program, order) => (
              <PercentCell
                key={program.id}
                {...{ program, onEdit, onSettle }}
                row={mostStarts}
                column={order + 3}
              />
            ))}
          </tr>
        )}
        <tr className={gridTableStyles['subhead']}>
          <th scope="col" className={gridTableStyles['column-name']} aria-label="Station number">
            №
          </th>
          <th scope="col" className={gridTableStyles['row-name']}>
            Station
          </th>
          <th
            scope="col"
            className={gridTableStyles['column-name']}
            title={isSoaking ? 'Longest time on without a break' : NO_CYCLE}
            data-warning={!isSoaking}
          >
            cycle
            {!isSoaking && <span className="visually-hidden">: {NO_CYCLE}</span>}
          </th>
          <th
            scope="col"
            className={gridTableStyles['column-name']}
            title="Least wait before it goes on"
          >
            soak
          </th>
          {labels.map((label) => (
            <th key={label} scope="col" className={gridTableStyles['column-name']}>
              {label} min
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {plan.stations.map((station, index) => (
          <StationRow
            key={station.number}
            {...{ labels, station, isSoaking, onEdit, onSettle }}
            runTimes={programs.map(
              ({ runs }) => runs.find((run) => run.station === station.number)?.seconds,
            )}
            row={firstStation + index}
            leader={leaders.get(station.number)}
          />
        ))}
        {plan.stations.length === 0 && (
          <tr>
            <td colSpan={4 + labels.length} className={gridTableStyles['row-name']}>
              No stations yet. Add the first, then type its minutes under a program.
            </td>
          </tr>
        )}
      </tbody>
      <tfoot>
        <tr>
          <th colSpan={4} scope="row" className={gridTableStyles['row-name']}>
            {next !== null && (
              <Button
                size="small"
                type="text"
                icon={<PlusOutlined />}
                onClick={() => onEdit(addStation(next))}
              >
                Add station {next}
              </Button>
            )}
            <span style={{ float: 'right' }}>One run takes</span>
          </th>
          {labels.map((label) => (
            <td key={label} className="figures">
              {totals[label] ? hoursText(totals[label].lengthSeconds) : '–'}
            </td>
          ))}
        </tr>
        <tr>
          <th
            colSpan={4}
            scope="row"
            className={gridTableStyles['row-name']}
            style={{ textAlign: 'right' }}
          >
            First start ends
          </th>
          {labels.map((label) => (
            <td key={label} className="figures">
              {say(endOfFirstStart(plan, label, totals[label]?.lengthSeconds))}
            </td>
          ))}
        </tr>
      </tfoot>
    </table>
  );
});

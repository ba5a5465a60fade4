import { DownOutlined, PlusOutlined, RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import type { YardStation } from '@water-clock/core/yards';
import { App, Button, Checkbox, Dropdown, InputNumber, Modal, Skeleton } from 'antd';
import { useMemo, useState, type ClipboardEvent } from 'react';
import { useParams } from 'react-router';
import { ApiError } from '../../api/client';
import {
  settingsQuery,
  timerQuery,
  yardQuery,
  type StoredSettings,
  type StoredYard,
  type Timer,
} from '../../api/timers';
import { LeaveGuard } from '../../app/leave-guard';
import { NotFound } from '../../app/not-found';
import { Caution, LoadError, Page } from '../../app/page';
import { useEditKeys } from '../../app/use-edit-keys';
import { FileButton } from '../../files/file-button';
import { downloadText, fileNameOf } from '../../files/text-files';
import { CellInput } from '../../grid/cell-input';
import '../../grid/settings-grid.css';
import { useMayChange, useSignedIn } from '../../signed-in/use-signed-in';
import { todayHere } from '../../words/today';
import { MeanwhileNote } from './meanwhile-note';
import { useYardOnDesk } from './use-yard-on-desk';
import { yardColumns, type YardColumn } from './yard-columns';
import {
  addStation,
  copyTo,
  nextStation,
  removeStation,
  setFitted,
  setStation,
  type YardEdit,
} from './yard-edits';
import { sheetEdit, yardCsv } from './yard-sheets';
import './yard-page.css';

/** The station table of one timer: what its stations water. */
export function YardPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const yard = useQuery(yardQuery(timerId));
  const settings = useQuery(settingsQuery(timerId, todayHere()));
  const error = timer.error ?? yard.error ?? settings.error;
  if (error instanceof ApiError && error.status === 404) return <NotFound what="timer" />;
  if (error)
    return (
      <LoadError
        what="The yard"
        error={error}
        onRetry={() => void Promise.all([timer.refetch(), yard.refetch(), settings.refetch()])}
      />
    );
  if (!timer.data || !yard.data || !settings.data)
    return <Skeleton active style={{ padding: 24 }} />;
  return <YardSheet key={timerId} timer={timer.data} stored={yard.data} settings={settings.data} />;
}

interface YardSheetProps {
  readonly timer: Timer;
  readonly stored: StoredYard;
  readonly settings: StoredSettings;
}

function YardSheet({ timer, stored, settings }: YardSheetProps) {
  const desk = useYardOnDesk(stored);
  const { yard, edit, settle } = desk;
  const { firm } = useSignedIn();
  const mayChange = useMayChange();
  const { message, modal } = App.useApp();
  const columns = useMemo(() => yardColumns(firm.units), [firm.units]);
  const [copying, setCopying] = useState<number | null>(null);
  const most = settings.document.timer.stations;
  const next = nextStation(yard, most);
  useEditKeys(desk);

  const takeSheet = (text: string, row: number, column: number) => {
    const taken = sheetEdit(yard, text, columns, { row, column }, most);
    if (taken.ok) edit(taken.value);
    else
      void modal.error({
        title: 'Nothing was taken over',
        content: (
          <ul>
            {taken.trouble.slice(0, 12).map((words) => (
              <li key={words}>{words}</li>
            ))}
            {taken.trouble.length > 12 && <li>… and {taken.trouble.length - 12} more.</li>}
          </ul>
        ),
      });
    return taken.ok;
  };
  const onPaste = (event: ClipboardEvent<HTMLTableElement>) => {
    const { row, column } = (event.target as HTMLElement).dataset;
    const text = event.clipboardData.getData('text/plain');
    if (!/[\t\n]/.test(text.trim()) || row === undefined || !mayChange) return;
    event.preventDefault();
    takeSheet(text, Number(row), Number(column));
  };

  const { property } = timer;
  return (
    <Page
      title="Yard"
      crumbs={[
        { to: `/properties/${property.id}`, name: property.name },
        { to: `/timers/${timer.id}`, name: timer.name },
      ]}
      actions={
        <>
          <Button
            aria-label="Undo"
            icon={<UndoOutlined />}
            disabled={!desk.canUndo}
            onClick={desk.undo}
          />
          <Button
            aria-label="Redo"
            icon={<RedoOutlined />}
            disabled={!desk.canRedo}
            onClick={desk.redo}
          />
          <Button
            onClick={() =>
              downloadText(
                `${fileNameOf(property.name, timer.name)}-yard.csv`,
                yardCsv(yard, columns),
                'text/csv',
              )
            }
          >
            Save as CSV
          </Button>
          {mayChange && (
            <>
              <FileButton
                accept=".csv,.tsv,.txt,text/csv"
                onText={(text) => {
                  if (takeSheet(text, 0, 0))
                    void message.success('Taken over. Undo takes it back.');
                }}
              >
                Read a CSV…
              </FileButton>
              <Button
                type="primary"
                loading={desk.isSaving}
                disabled={!desk.isChanged}
                onClick={() => void desk.save()}
              >
                {desk.isChanged ? 'Save the yard' : 'Saved'}
              </Button>
            </>
          )}
        </>
      }
    >
      {desk.meanwhile && (
        <MeanwhileNote meanwhile={desk.meanwhile} columns={columns} onTake={edit} />
      )}
      <Modules
        fitted={yard.stationsFitted ?? null}
        wired={yard.stations.length}
        most={most}
        onChange={(fitted) => edit(setFitted(fitted), 'fitted')}
        isLocked={!mayChange}
      />
      <div className="yard-scroll">
        <table className="settings-grid yard-table" aria-label="Stations" onPaste={onPaste}>
          <colgroup>
            <col style={{ width: 40 }} />
            {columns.map(({ key, width }) => (
              <col key={key} style={width === undefined ? {} : { width }} />
            ))}
          </colgroup>
          <thead>
            <tr className="subhead">
              <th scope="col" className="column-name" aria-label="Station number">
                №
              </th>
              {columns.map(({ key, title, unit }) => (
                <th key={key} scope="col" className="column-name">
                  {title}
                  {unit && <small> {unit}</small>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {yard.stations.map((station, row) => (
              <tr key={station.number} data-off={!station.enabled}>
                <th scope="row">
                  <StationMenu
                    station={station}
                    isLocked={!mayChange}
                    onEdit={edit}
                    onCopy={() => setCopying(station.number)}
                  />
                </th>
                {columns.map((column, index) => (
                  <td key={column.key}>
                    <YardCell
                      {...{ station, column, row, index, edit, settle }}
                      isLocked={!mayChange}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {columns.map(
        ({ key, choices }) =>
          choices && (
            <datalist key={key} id={`choices-${key}`}>
              {choices.map((choice) => (
                <option key={choice} value={choice} />
              ))}
            </datalist>
          ),
      )}
      {mayChange && (
        <div className="page-head">
          <Button
            icon={<PlusOutlined />}
            disabled={next === null}
            onClick={() => next !== null && edit(addStation(next))}
          >
            {next === null ? `All ${most} stations are here` : `Add station ${next}`}
          </Button>
          <span className="soft">
            Type, or paste a block from a spreadsheet, with or without its headings. Words may be
            begun: “spr” is spray. Arrows and Enter go from cell to cell.
          </span>
        </div>
      )}
      <Caution>
        Before you touch wires at a timer or a valve: power off. The mains side, transformers and
        pumps are for a licensed electrician.
      </Caution>
      {copying !== null && (
        <CopyDialog
          from={copying}
          stations={yard.stations}
          onCopy={(to) => edit(copyTo(copying, to))}
          onClose={() => setCopying(null)}
        />
      )}
      <LeaveGuard isChanged={desk.isChanged} save={desk.save} what="The yard has" />
    </Page>
  );
}

interface YardCellProps {
  readonly station: YardStation;
  readonly column: YardColumn;
  readonly row: number;
  readonly index: number;
  readonly isLocked: boolean;
  readonly edit: (edit: YardEdit, key?: string) => void;
  readonly settle: () => void;
}

function YardCell({ station, column, row, index, isLocked, edit, settle }: YardCellProps) {
  const { number } = station;
  const { key, title, isText = false, choices } = column;
  return (
    <CellInput
      label={`Station ${number}, ${title}`}
      field={`yard ${number} ${key}`}
      text={column.text(station)}
      row={row}
      column={index}
      isText={isText}
      placeholder="·"
      disabled={isLocked}
      {...(choices && { list: `choices-${key}` })}
      onType={(text, visit) => {
        const read = column.read(text);
        if (typeof read === 'string') return read;
        edit(setStation(number, read), visit);
        return null;
      }}
      onSettle={settle}
    />
  );
}

interface StationMenuProps {
  readonly station: YardStation;
  readonly isLocked: boolean;
  readonly onEdit: (edit: YardEdit) => void;
  readonly onCopy: () => void;
}

function StationMenu({ station: { number, enabled }, isLocked, onEdit, onCopy }: StationMenuProps) {
  const items = [
    { key: 'copy', label: 'Copy its facts to other stations…' },
    { key: 'switch', label: enabled ? 'Switch this station off' : 'Switch this station on' },
    { key: 'remove', label: 'Remove this station, with its run times', danger: true },
  ];
  const act = (key: string) => {
    if (key === 'copy') onCopy();
    else if (key === 'switch') onEdit(setStation(number, { enabled: !enabled }));
    else onEdit(removeStation(number));
  };
  return (
    <Dropdown
      trigger={['click']}
      disabled={isLocked}
      menu={{ items, onClick: ({ key }) => act(key) }}
    >
      <button
        type="button"
        className="cell-button figures"
        aria-label={`Station ${number}${enabled ? '' : ', off'}: what to do`}
      >
        {number} <DownOutlined aria-hidden="true" style={{ fontSize: 9 }} />
      </button>
    </Dropdown>
  );
}

interface ModulesProps {
  readonly fitted: number | null;
  readonly wired: number;
  readonly most: number;
  readonly isLocked: boolean;
  readonly onChange: (fitted: number | null) => void;
}

/** The stations that the fitted modules give, against those that are wired. */
function Modules({ fitted, wired, most, isLocked, onChange }: ModulesProps) {
  const gives = fitted ?? most;
  const words =
    wired > gives
      ? `${wired} are wired, ${wired - gives} more than it gives: another module is needed.`
      : wired < gives
        ? `${wired} are wired, ${gives - wired} free.`
        : `${wired} are wired, none free.`;
  return (
    <div className="yard-modules" data-short={wired > gives}>
      <label>
        The modules fitted give{' '}
        <InputNumber
          size="small"
          min={1}
          max={256}
          precision={0}
          disabled={isLocked}
          placeholder={String(most)}
          value={fitted}
          onChange={onChange}
          style={{ width: 72 }}
        />{' '}
        stations
      </label>
      <span>of at most {most}.</span>
      <strong role="status">{words}</strong>
    </div>
  );
}

interface CopyDialogProps {
  readonly from: number;
  readonly stations: readonly YardStation[];
  readonly onCopy: (to: number[]) => void;
  readonly onClose: () => void;
}

function CopyDialog({ from, stations, onCopy, onClose }: CopyDialogProps) {
  const [to, setTo] = useState<number[]>([]);
  return (
    <Modal
      open
      title={`Copy the facts of station ${from}`}
      okText="Copy"
      okButtonProps={{ disabled: to.length === 0 }}
      onOk={() => {
        onCopy(to);
        onClose();
      }}
      onCancel={onClose}
    >
      <p>
        Head, plant, sun, soil, slope, pump, sensor, run-off and soak go to the stations ticked.
        Names, areas, flows and notes stay their own.
      </p>
      <Checkbox.Group
        aria-label="Stations"
        className="copy-stations"
        value={to}
        options={stations
          .filter(({ number }) => number !== from)
          .map(({ number, name }) => ({ value: number, label: `${number} ${name ?? ''}` }))}
        onChange={setTo}
      />
    </Modal>
  );
}

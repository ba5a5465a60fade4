import { clsx } from 'clsx';
import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useMemo, useState, type ClipboardEvent } from 'react';
import { useParams } from 'react-router';
import { timerQuery, type StoredSettings, type StoredYard, type Timer } from '../api/timers';
import { LeaveGuard } from '../ui/leave-guard';
import { Loaded } from '../ui/loaded';
import { Caution, Page } from '../ui/page';
import { useEditKeys } from '../ui/use-edit-keys';
import { FileButton } from '../ui/file-button';
import { downloadText, fileNameOf } from '../ui/text-files';
import { useMayChange, useSignedIn } from '../session/use-signed-in';
import { useStoredSettings, useStoredYard } from '../offline/use-stored';
import { CopyDialog } from './copy-dialog';
import { MeanwhileNote } from './meanwhile-note';
import { Modules } from './modules';
import { StationMenu } from './station-menu';
import { useYardOnDesk } from './use-yard-on-desk';
import { YardCell } from './yard-cell';
import { YardActions } from './yard-actions';
import { yardColumns } from './yard-columns';
import { addStation, copyTo, nextStation, setFields } from '@water-clock/core/yards';
import { sheetEdit, yardCsv } from './yard-sheets';
import styles from './yard-page.module.css';
import gridTableStyles from '../ui/grid-table.module.css';
import pageStyles from '../ui/page.module.css';
import { placeOfCell } from '../ui/place-of-cell';

/** The station table of one timer: what its stations water. */
export function YardPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const yard = useStoredYard(timerId);
  const settings = useStoredSettings(timerId);
  return (
    <Loaded what="The yard" missing="timer" queries={[timer, yard, settings]}>
      {() => (
        <YardSheet
          key={timerId}
          timer={timer.data!}
          stored={yard.data!}
          settings={settings.data!}
        />
      )}
    </Loaded>
  );
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
  const { freezeSensor, stations: most } = settings.document.timer;
  const columns = useMemo(() => yardColumns(firm.units, freezeSensor), [firm.units, freezeSensor]);
  const [copying, setCopying] = useState<number | null>(null);
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
    const place = placeOfCell(event.target);
    const text = event.clipboardData.getData('text/plain');
    if (!/[\t\n]/.test(text.trim()) || !place || !mayChange) return;
    event.preventDefault();
    takeSheet(text, place.row, place.column);
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
        <YardActions desk={desk}>
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
            <FileButton
              accept=".csv,.tsv,.txt,text/csv"
              onText={(text) => {
                if (takeSheet(text, 0, 0)) void message.success('Taken over. Undo takes it back.');
              }}
            >
              Read a CSV…
            </FileButton>
          )}
        </YardActions>
      }
    >
      {desk.meanwhile && (
        <MeanwhileNote meanwhile={desk.meanwhile} columns={columns} onTake={edit} />
      )}
      <Modules
        fitted={yard.stationsFitted ?? null}
        wired={yard.stations.length}
        most={most}
        onChange={(fitted) => edit(setFields({ stationsFitted: fitted ?? undefined }), 'fitted')}
        isLocked={!mayChange}
      />
      <div className={styles['yard-scroll']}>
        <table
          className={clsx(gridTableStyles['settings-grid'], styles['yard-table'])}
          aria-label="Stations"
          onPaste={onPaste}
        >
          <colgroup>
            <col style={{ width: 40 }} />
            {columns.map(({ key, width }) => (
              <col key={key} style={width === undefined ? {} : { width }} />
            ))}
          </colgroup>
          <thead>
            <tr className={gridTableStyles['subhead']}>
              <th
                scope="col"
                className={gridTableStyles['column-name']}
                aria-label="Station number"
              >
                №
              </th>
              {columns.map(({ key, title, unit }) => (
                <th key={key} scope="col" className={gridTableStyles['column-name']}>
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
        <div className={pageStyles['page-head']}>
          <Button
            icon={<PlusOutlined />}
            disabled={next === null}
            onClick={() => next !== null && edit(addStation(next))}
          >
            {next === null ? `All ${most} stations are here` : `Add station ${next}`}
          </Button>
          <span className={pageStyles['soft']}>
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

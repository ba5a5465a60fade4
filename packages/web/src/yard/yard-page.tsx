import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { timerQuery, type StoredSettings, type StoredYard, type Timer } from '../api/timers';
import { LeaveGuard } from '../ui/leave-guard';
import { Loaded } from '../ui/loaded';
import { Caution, Page } from '../ui/page';
import { useEditKeys } from '../ui/use-edit-keys';
import { useIsNarrow } from '../ui/use-matches';
import { usePlace } from '../ui/use-place';
import { todayHere } from '../format/today';
import { FileButton } from '../ui/file-button';
import { downloadText, fileNameOf } from '../ui/text-files';
import { useMayChange, useSignedIn } from '../session/use-signed-in';
import { useStoredSettings, useStoredYard } from '../offline/use-stored';
import { CopyDialog } from './copy-dialog';
import { MeanwhileNote } from './meanwhile-note';
import { Modules } from './modules';
import { Sensors } from './sensors';
import { StationMenu } from './station-menu';
import { StationStepper } from './station-stepper';
import { stationAsked } from './station-asked';
import { StationTable } from './station-table';
import { useYardOnDesk } from './use-yard-on-desk';
import { YardActions } from './yard-actions';
import { ValveUnits } from './valve-units';
import type { YardTable } from './yard-column';
import { yardColumns } from './yard-columns';
import { addStation, copyTo, nextStation } from '@water-clock/core/yards';
import { sheetEdit, yardCsv } from './yard-sheets';
import styles from './yard-page.module.css';
import { usePastedPart } from '../ui/pasted-part';
import pageStyles from '../ui/page.module.css';

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
  const { message } = App.useApp();
  const takePart = usePastedPart();
  const { freezeSensor: hasFreezeSensor, stations: most } = settings.document.timer;
  const isTwoWire = timer.handling.wiring === 'two-wire';
  const columns = useMemo(
    () => yardColumns(firm.units, todayHere(), { hasFreezeSensor, isTwoWire }),
    [firm.units, hasFreezeSensor, isTwoWire],
  );
  const [copying, setCopying] = useState<number | null>(null);
  const next = nextStation(yard, most);
  const isNarrow = useIsNarrow();
  const [search, go] = usePlace();
  const shown = stationAsked(yard.stations, search.get('station'));
  useEditKeys(desk);

  const takeSheet = (text: string, row: number, column: number, into = columns) =>
    takePart(sheetEdit(yard, text, into, { row, column }, most), edit);
  /** What the tables of the yard have in common. */
  const table = (of: YardTable) => {
    const own = columns.filter((column) => column.table === of);
    return {
      ...{ yard, edit, settle },
      columns: own,
      isLocked: !mayChange,
      onSheet: (text: string, row: number, column: number) => {
        takeSheet(text, row, column, own);
      },
    };
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
        </>
      }
      saving={<YardActions desk={desk} />}
    >
      {desk.meanwhile && (
        <MeanwhileNote meanwhile={desk.meanwhile} columns={columns} onTake={edit} />
      )}
      <Modules {...{ yard, most, isTwoWire, edit }} isLocked={!mayChange} />
      {isNarrow && shown && (
        <StationStepper
          stations={yard.stations}
          station={shown.number}
          onGo={(number) => go({ station: String(number) })}
        />
      )}
      <div className={styles['yard-scroll']}>
        <StationTable
          label="Stations"
          {...table('stations')}
          headWidth={40}
          head={(station) => (
            <StationMenu
              station={station}
              isLocked={!mayChange}
              onEdit={edit}
              onCopy={() => setCopying(station.number)}
            />
          )}
        />
      </div>
      {mayChange && (
        <div className={pageStyles['page-head']}>
          <Button
            icon={<PlusOutlined />}
            disabled={next === null}
            onClick={() => {
              if (next === null) return;
              edit(addStation(next));
              if (isNarrow) go({ station: String(next) });
            }}
          >
            {next === null ? `All ${most} stations are here` : `Add station ${next}`}
          </Button>
          <span className={pageStyles['soft']}>
            {isNarrow
              ? 'Words may be begun: “spr” is spray.'
              : 'Type, or paste a block from a spreadsheet, with or without its headings. Words may be begun: “spr” is spray. Arrows and Enter go from cell to cell.'}
          </span>
        </div>
      )}
      {isTwoWire && (
        <ValveUnits
          timerId={timer.id}
          timeZone={property.timeZone ?? undefined}
          plan={settings.document}
          {...table('units')}
        />
      )}
      <Sensors {...table('sensors')} />
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
      <LeaveGuard
        isChanged={desk.isChanged}
        isSaving={desk.isSaving}
        save={desk.save}
        what="The yard has"
      />
    </Page>
  );
}

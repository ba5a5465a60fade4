import { useQuery, useQueryClient } from '@tanstack/react-query';
import { readWeather, type WeatherFile, type WeatherRecord } from '@water-clock/core/weather';
import { counted } from '@water-clock/core/words';
import { Alert, App, Button } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { usePlace } from '../ui/use-place';
import { ApiError, troubleInWords } from '../api/client';
import { changeProperty, propertiesKey, propertyQuery, type Property } from '../api/properties';
import {
  addWeather,
  changeWeather,
  removeWeather,
  weatherKey,
  weatherListQuery,
  weatherNow,
  weatherQuery,
  type StoredWeather,
} from '../api/weather';
import { timersKey } from '../api/timers';
import { isSavedByAnother, useVersionedSave } from '../api/use-versioned-save';
import { useWrite } from '../api/use-write';
import { LeaveGuard } from '../ui/leave-guard';
import { takenAway } from '../ui/taken-away';
import { useLeaveTo, type Leaving } from '../ui/use-leave-to';
import { Loaded } from '../ui/loaded';
import { Meanwhile } from '../ui/meanwhile';
import { Page } from '../ui/page';
import { downloadText, fileNameOf } from '../ui/text-files';
import { useMayChange } from '../session/use-signed-in';
import { DayFaults } from './day-faults';
import { freshRecord, freshWeather, type Draft } from './draft';
import { PlaceFields } from './place-fields';
import { RecordEditor } from './record-editor';
import { YearOfWeather } from './year-of-weather';
import styles from './weather-page.module.css';
import pageStyles from '../ui/page.module.css';
import { Choice } from '../ui/choice';

/** The weather of one place, new or kept; `?for=` a property that is to go by it. */
export function WeatherPage() {
  const { weatherId = 'new' } = useParams();
  const [search] = usePlace();
  const forId = search.get('for');
  const stored = useQuery({
    ...weatherQuery(weatherId === 'new' ? null : weatherId),
    gcTime: 0,
    staleTime: Infinity,
  });
  const property = useQuery({ ...propertyQuery(forId ?? ''), enabled: forId !== null });
  const list = useQuery(weatherListQuery);
  const { leaveTo } = useLeaveTo();
  return (
    <Loaded
      what="The weather"
      missing="weather"
      queries={forId === null ? [stored, list] : [stored, list, property]}
    >
      {() => (
        <Editor
          key={weatherId}
          leaveTo={leaveTo}
          stored={stored.data!}
          property={property.data ?? null}
          homes={list.data!.find(({ id }) => id === weatherId)?.properties ?? 0}
        />
      )}
    </Loaded>
  );
}

interface EditorProps {
  readonly stored: StoredWeather | null;
  readonly property: Property | null;
  /** How many homes go by it. */
  readonly homes: number;
  readonly leaveTo: Leaving['leaveTo'];
}

function Editor({ stored, property, homes, leaveTo }: EditorProps) {
  const [before, setBefore] = useState<Draft>(() => stored?.document ?? freshWeather(property));
  const [draft, setDraft] = useState(before);
  // What was entered under one kind is there again when one comes back to it.
  const [others, setOthers] = useState<Partial<Record<WeatherRecord['kind'], WeatherRecord>>>({});
  // What is stored by now: a home that could not be told of it must not make it twice.
  const [kept, setKept] = useState<Pick<StoredWeather, 'id' | 'version'> | null>(stored);
  const [theirs, setTheirs] = useState<StoredWeather | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [faults, setFaults] = useState<ReadonlyMap<string, string>>(new Map());
  const [isSaved, setSaved] = useState(false);
  const client = useQueryClient();
  const { message, modal } = App.useApp();
  const mayChange = useMayChange();
  const { record } = draft;
  const isChanged = draft !== before && !isSaved;

  const change = (fields: Partial<Draft>) => {
    setDraft({ ...draft, ...fields });
    setFaults(new Map());
    setSaved(false);
  };
  const setKind = (kind: WeatherRecord['kind']) => {
    setOthers({ ...others, [record.kind]: record });
    change({ record: others[kind] ?? freshRecord(kind) });
  };
  const showFaults = (places: readonly { path: string; message: string }[]) => {
    setFaults(new Map(places.map((place) => [place.path, place.message])));
    setTrouble(`${counted(places.length, 'field')} to fix; nothing was saved.`);
  };
  const tell = (error: unknown) => {
    if (error instanceof ApiError && error.places.length > 0)
      showFaults(
        error.places.map(({ path, ...place }) => ({
          ...place,
          path: path.replace(/^document\./, ''),
        })),
      );
    else if (!isSavedByAnother(error))
      setTrouble(`Not saved, your changes are still here. ${troubleInWords(error)}`);
  };
  const telling = <Answer,>(asked: Promise<Answer>): Promise<Answer> =>
    asked.catch((error: unknown) => {
      tell(error);
      throw error;
    });
  const saving = useVersionedSave({
    name: kept ? 'change-weather' : 'add-weather',
    save: ({ file, over }: { readonly file: WeatherFile; readonly over: number }) =>
      telling(kept ? changeWeather(kept.id, over, file) : addWeather(file)),
    newest: () => telling(weatherNow(kept!.id)),
    touches: [weatherKey, propertiesKey, timersKey],
    isToldHere: true,
  });
  const choosing = useWrite(
    'choose-weather',
    async (id: string) =>
      goByIt(await client.query({ ...propertyQuery(property!.id), staleTime: 0 }), id),
    {
      touches: [propertiesKey, timersKey],
      lead: 'The weather is saved, but the home does not use it yet.',
    },
  );
  const removing = useWrite('remove-weather', removeWeather, {
    touches: [weatherKey, propertiesKey, timersKey],
  });
  const save = async (over = kept?.version ?? 0): Promise<boolean> => {
    const { latitude, ...rest } = draft;
    const read = readWeather({ ...rest, ...(latitude !== null && { latitude }) });
    if (!read.ok) {
      showFaults(read.trouble);
      return false;
    }
    setTrouble(null);
    const done = await saving.write({ file: read.value, over });
    if (!done) return false;
    if ('theirs' in done.answer) {
      setTheirs(done.answer.theirs);
      return false;
    }
    setTheirs(null);
    setKept(done.answer.saved);
    if (property && !(await choosing.write(done.answer.saved.id))) return false;
    setSaved(true);
    void message.success('Saved.');
    return true;
  };
  const askToRemove = () =>
    void modal.confirm({
      title: `Remove the weather of ${draft.name}?`,
      content: `${homes === 1 ? '1 home uses' : `${homes} homes use`} it, and would have none.`,
      okText: 'Remove it',
      okButtonProps: { danger: true },
      onOk: async () => {
        if (!(await removing.write(stored!.id))) return;
        setSaved(true);
        leaveTo(
          '/weather',
          takenAway(stored!.id, `The weather of ${stored!.document.name} is removed.`),
        );
      },
    });
  const editor = {
    faults: new Map(
      [...faults].map(([path, words]) => [path.replace(/^record\./, ''), words] as const),
    ),
    isLocked: !mayChange,
    onChange: (changed: WeatherRecord) => change({ record: changed }),
  };
  return (
    <Page
      title={stored ? before.name : property ? `Weather of ${property.name}` : 'New weather'}
      crumbs={[
        { to: '/weather', name: 'Weather' },
        ...(property ? [{ to: `/properties/${property.id}`, name: property.name }] : []),
      ]}
      actions={
        mayChange &&
        stored && (
          <>
            <Button
              onClick={() =>
                downloadText(
                  `${fileNameOf(before.name)}.weather.json`,
                  JSON.stringify(stored.document, null, 1),
                )
              }
            >
              Export
            </Button>
            <Button danger onClick={askToRemove}>
              Remove…
            </Button>
          </>
        )
      }
      saving={
        mayChange && (
          <Button
            type="primary"
            disabled={!isChanged && stored !== null}
            loading={saving.isWriting || choosing.isWriting}
            onClick={() =>
              void save().then((done) => {
                if (done && !stored) leaveTo(property ? `/properties/${property.id}` : '/weather');
              })
            }
          >
            {stored && !isChanged ? 'Saved' : 'Save the weather'}
          </Button>
        )
      }
    >
      {theirs && (
        <Meanwhile
          what="This weather"
          isWriting={saving.isWriting}
          onTakeTheirs={() => {
            setBefore(theirs.document);
            setDraft(theirs.document);
            setKept(theirs);
            setTheirs(null);
          }}
          onSaveMine={() => void save(theirs.version)}
        />
      )}
      {trouble && <Alert type="error" showIcon title={trouble} />}
      <div className={styles['weather-body']}>
        <section className={pageStyles['sheet']}>
          <PlaceFields {...{ draft, faults, change }} isLocked={!mayChange} />
          <Choice
            label="Where it comes from"
            disabled={!mayChange}
            value={record.kind}
            options={[
              { value: 'daily', label: 'Daily readings (CSV)' },
              { value: 'monthly', label: 'A table by month' },
              { value: 'simulated', label: 'Simulated station' },
            ]}
            onChange={setKind}
          />
          <div className={styles['weather-record']}>
            <RecordEditor {...editor} record={record} />
          </div>
          <DayFaults faults={faults} />
        </section>
        <section className={pageStyles['sheet']} aria-labelledby="year-heading">
          <h2 id="year-heading">What it makes of a year</h2>
          <YearOfWeather draft={draft} />
        </section>
      </div>
      <LeaveGuard isChanged={isChanged && mayChange} save={() => save()} what="The weather has" />
    </Page>
  );
}

/** The property goes by this weather from now on. */
async function goByIt(property: Property, weatherId: string): Promise<void> {
  const { id, version, archived: _archived, ...fields } = property;
  await changeProperty(id, version, { ...fields, weatherId });
}

import { clsx } from 'clsx';
import { PlusOutlined } from '@ant-design/icons';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { parseDate } from '@water-clock/core/civil-time';
import { houseNumberOf } from '@water-clock/core/local-rules';
import { App, Button, Dropdown, Skeleton, Tag } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { troubleInWords } from '../api/client';
import {
  propertiesKey,
  propertyFile,
  propertyQuery,
  setArchived,
  setUpHome,
  timersOfPropertyQuery,
  type Property,
} from '../api/properties';
import { rulesQuery } from '../api/rules';
import { timersKey } from '../api/timers';
import { weatherQuery } from '../api/weather';
import { Loaded } from '../ui/loaded';
import { Caution, LoadError, Page } from '../ui/page';
import { downloadBlob, downloadText, fileNameOf } from '../ui/text-files';
import { usePlace } from '../ui/use-place';
import { RulesInForceWords } from '../rules/rules-in-force';
import { useWrite } from '../api/use-write';
import { useMayChange, useQuantity, useSignedIn } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import { listingOf, recordWords } from '../weather/weather-words';
import { HomePhotos } from '../photos/home-photos';
import { Jobs } from '../visit/jobs';
import { saveForOffline } from '../timer-records/use-timer-on-device';
import { mowingInWords } from '../format/mowing-words';
import { todayHere } from '../format/today';
import { AddTimerDialog } from './add-timer-dialog';
import { EraseContact } from './erase-contact';
import { EraseProperty } from './erase-property';
import { FROST_NAMES } from '../format/frost-names';
import { SUPPLY_NAMES } from '../format/supply-names';
import { SupplyCautions } from './supply';
import { TimerCard } from './timer-card';
import { TimersTogether } from './timers-together';
import pageStyles from '../ui/page.module.css';
import styles from './property-page.module.css';

/** One property: who and where, its water, its rules, and its timers with what is in them. */
export function PropertyPage() {
  const { propertyId = '' } = useParams();
  const property = useQuery(propertyQuery(propertyId));
  return (
    <Loaded what="The property" missing="property" queries={[property]}>
      {() => <PropertySheets property={property.data!} />}
    </Loaded>
  );
}

function PropertySheets({ property }: { property: Property }) {
  const { id, name, archived } = property;
  const navigate = useNavigate();
  const { message, modal } = App.useApp();
  const mayChange = useMayChange();
  const [place, go] = usePlace();
  const setAdding = (isOn: boolean) => go({ add: isOn ? 'timer' : undefined });
  const timers = useQuery(timersOfPropertyQuery(id, todayHere()));
  const archiving = useWrite('archive-property', (isOff: boolean) => setArchived(id, isOff), {
    touches: [propertiesKey],
  });
  const leading = useWrite('lead-through', () => setUpHome(id, { isLed: true, skipped: [] }), {
    touches: [propertiesKey, timersKey],
  });
  const archive = async (isOff: boolean) => {
    if (await archiving.write(isOff))
      void message.success(isOff ? `${name} is archived.` : `${name} is back.`);
  };
  const askToArchive = () =>
    void modal.confirm({
      title: `Archive ${name}?`,
      content: 'It leaves the list. Nothing is deleted, and it can be brought back at any time.',
      okText: 'Archive it',
      cancelText: 'Keep it in the list',
      onOk: () => archive(true),
    });
  /** How far an export is; null: none is under way. */
  const [exporting, setExporting] = useState<string | null>(null);
  const save = async (withPhotos: boolean) => {
    setExporting('Export');
    try {
      const file = await propertyFile(id);
      if (withPhotos) {
        const { archiveOf } = await import('../photos/photo-archive');
        downloadBlob(
          `${fileNameOf(name)}.property.zip`,
          await archiveOf(file, (done, of) => setExporting(`Photo ${done} of ${of}`)),
        );
      } else downloadText(`${fileNameOf(name)}.property.json`, JSON.stringify(file, null, 2));
    } catch (error) {
      void message.error(troubleInWords(error));
    }
    setExporting(null);
  };
  return (
    <Page
      title={name}
      crumbs={[{ to: '/properties', name: 'Properties' }]}
      actions={
        <>
          <Button onClick={() => void navigate(`/properties/${id}/history`)}>History</Button>
          <Button onClick={() => void navigate(`/properties/${id}/changes`)}>
            Who changed what
          </Button>
          <Dropdown
            trigger={['click']}
            menu={{
              items: [
                { key: 'file', label: 'The file alone' },
                { key: 'photos', label: 'With its photos, as an archive' },
              ],
              onClick: ({ key }) => void save(key === 'photos'),
            }}
          >
            <Button loading={exporting !== null}>{exporting ?? 'Export'}</Button>
          </Dropdown>
          <Button
            {...(!mayChange && { type: 'primary' as const })}
            onClick={() => void navigate(`/properties/${id}/week`)}
          >
            This week
          </Button>
          {archived ? (
            <>
              <EraseProperty property={property} />
              <Button loading={archiving.isWriting} onClick={() => void archive(false)}>
                Bring back
              </Button>
            </>
          ) : (
            <Button onClick={askToArchive}>Archive…</Button>
          )}
          <Button onClick={() => void navigate(`/properties/${id}/edit`)}>Change</Button>
          {mayChange && (
            <Button
              // What a home without a timer wants first.
              {...(timers.data?.length === 0 && { type: 'primary' as const })}
              icon={<PlusOutlined />}
              onClick={() => setAdding(true)}
            >
              Add a timer
            </Button>
          )}
        </>
      }
    >
      {archived && <Tag style={{ justifySelf: 'start' }}>archived</Tag>}
      <div className={styles['home']}>
        <div className={styles['work']}>
          <Timers propertyId={id} />
          <Jobs propertyId={id} />
          <HomePhotos propertyId={id} />
        </div>
        <div className={clsx(pageStyles['sheet'], styles['about'])}>
          <WhoSheet property={property} />
          <SupplySheet property={property} />
          <RulesSheet property={property} />
          <WeatherSheet property={property} />
        </div>
      </div>
      {mayChange && !archived && property.setUpSkipped === null && (
        <p className={pageStyles['soft']} style={{ margin: 0 }}>
          <Button
            type="link"
            size="small"
            style={{ padding: 0 }}
            loading={leading.isWriting}
            onClick={() => void leading.write()}
          >
            Go through setting up this home, step by step
          </Button>
        </p>
      )}
      {place.get('add') === 'timer' && mayChange && (
        <AddTimerDialog property={property} onClose={() => setAdding(false)} />
      )}
    </Page>
  );
}

function Timers({ propertyId }: { propertyId: string }) {
  const asked = useQuery(timersOfPropertyQuery(propertyId, todayHere()));
  const client = useQueryClient();
  const ids = (asked.data ?? []).map(({ id }) => id).join(' ');
  useEffect(() => {
    // A home that was looked at is there without signal; without signal it is there from before.
    void saveForOffline(client, ids.split(' ').filter(Boolean)).catch(() => undefined);
  }, [client, ids]);
  if (asked.error && !asked.data)
    return <LoadError what="The timers" error={asked.error} onRetry={() => void asked.refetch()} />;
  if (!asked.data) return <Skeleton active />;
  const timers = asked.data;
  if (timers.length === 0)
    return (
      <section className={pageStyles['sheet']}>
        <h2>Timers</h2>
        <p className={pageStyles['soft']}>
          None yet. Add the timer on the wall: which type it is and how many stations are wired.
        </p>
      </section>
    );
  return (
    <>
      <div className={styles['timer-cards']}>
        {timers.map((timer) => (
          <TimerCard key={timer.id} timer={timer} isFirst={timer === timers[0]} />
        ))}
      </div>
      {timers.length > 1 && <TimersTogether timers={timers} />}
    </>
  );
}

function Fact({ name, children }: { name: string; children: string }) {
  if (children === '') return null;
  return (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

function WhoSheet({ property }: { property: Property }) {
  const { address, town, contactName, contactPhone, contactEmail, gateNotes, timeZone } = property;
  return (
    <section aria-labelledby="who">
      <h2 id="who">
        Who and where
        <EraseContact property={property} />
      </h2>
      <dl className={pageStyles['facts']}>
        <Fact name="Address">{[address, town].filter(Boolean).join(', ')}</Fact>
        <Fact name="Contact">{contactName}</Fact>
        <Fact name="Telephone">{contactPhone}</Fact>
        <Fact name="E-mail">{contactEmail}</Fact>
        <Fact name="Gate">{gateNotes}</Fact>
        <Fact name="Time zone">{timeZone ?? 'not known'}</Fact>
      </dl>
    </section>
  );
}

function SupplySheet({ property }: { property: Property }) {
  const { supplySource, frost, supplyLpm, supplyKpa, waterPrice } = property;
  const [flow, pressure] = [useQuantity('flow'), useQuantity('pressure')];
  const price = useQuantity('waterPrice');
  const { currency } = useSignedIn().firm;
  return (
    <section aria-labelledby="supply">
      <h2 id="supply">Water supply</h2>
      <dl className={pageStyles['facts']}>
        <Fact name="From">{supplySource ? SUPPLY_NAMES[supplySource] : 'not known'}</Fact>
        <Fact name="Flow">
          {supplyLpm === null ? 'not measured' : `${shownAmount(supplyLpm, flow)} ${flow.label}`}
        </Fact>
        <Fact name="Pressure">
          {supplyKpa === null
            ? 'not measured'
            : `${shownAmount(supplyKpa, pressure)} ${pressure.label}`}
        </Fact>
        <Fact name="Price">
          {waterPrice === null
            ? 'not known'
            : `${shownAmount(waterPrice, price)} ${currency} ${price.label}`}
        </Fact>
        <Fact name="Frost">{frost ? FROST_NAMES[frost] : 'not known'}</Fact>
      </dl>
      <SupplyCautions source={supplySource} />
    </section>
  );
}

function WeatherSheet({ property: { id, weatherId } }: { property: Property }) {
  const weather = useQuery(weatherQuery(weatherId));
  const mayChange = useMayChange();
  const { data } = weather;
  return (
    <section aria-labelledby="weather">
      <h2 id="weather">Weather</h2>
      {weather.error && !weather.data && <p role="alert">The weather could not be loaded.</p>}
      {data && (
        <p style={{ margin: 0 }}>
          <Link to={`/weather/${data.id}`}>{data.document.name}</Link>,{' '}
          {recordWords(listingOf(data.document))}
        </p>
      )}
      {data === null && (
        <p className={pageStyles['soft']} style={{ margin: 0 }}>
          None is chosen: how much a station needs by measurement is not known.{' '}
          {mayChange && <Link to={`/properties/${id}/edit`}>Choose the district&apos;s</Link>}
        </p>
      )}
      {mayChange && (
        <p className={pageStyles['way']}>
          <Link to={`/weather/new?for=${id}`}>Enter weather for this home alone</Link>
        </p>
      )}
    </section>
  );
}

function RulesSheet({ property }: { property: Property }) {
  const { ruleSetId, address, supplySource } = property;
  const rules = useQuery(rulesQuery);
  const set = rules.data?.find(({ id }) => id === ruleSetId);
  return (
    <section aria-labelledby="rules">
      <h2 id="rules">Local rules{set && ` · ${set.document.district}`}</h2>
      {set ? (
        <RulesInForceWords
          set={set.document}
          house={{ number: houseNumberOf(address), supply: supplySource }}
          on={parseDate(todayHere())!}
        />
      ) : (
        rules.data && (
          <Caution>
            Nobody has entered the watering rules here: check with the water supplier before you set
            days and hours.
          </Caution>
        )
      )}
      <dl className={pageStyles['facts']} style={{ marginTop: 8 }}>
        <Fact name="Mowing">{mowingInWords(property) ?? 'no day known'}</Fact>
      </dl>
    </section>
  );
}

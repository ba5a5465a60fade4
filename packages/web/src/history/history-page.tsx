import { PrinterOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Select, Skeleton } from 'antd';
import { Link, useNavigate, useParams } from 'react-router';
import { propertyQuery, timersOfPropertyQuery } from '../api/properties';
import { momentWords } from '../format/moment-words';
import { todayHere } from '../format/today';
import { PhotoRow } from '../photos/photo-strip';
import { useTimerIds } from '../photos/use-photos';
import { useClock, useSay } from '../session/use-signed-in';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { usePlace } from '../ui/use-place';
import { HAPPENING_KINDS, KIND_NAMES, type Happening } from './happenings';
import { useHappenings } from './use-happenings';
import pageStyles from '../ui/page.module.css';
import styles from './history.module.css';

/** All that happened at a home, on one line of time. */
export function HistoryPage() {
  const { propertyId = '' } = useParams();
  const property = useQuery(propertyQuery(propertyId));
  const timers = useQuery(timersOfPropertyQuery(propertyId, todayHere()));
  return (
    <Loaded what="The history" missing="property" queries={[property, timers]}>
      {() => (
        <History
          propertyId={propertyId}
          home={property.data!.name}
          timers={timers.data!.map(({ id, name }) => ({ id, name }))}
        />
      )}
    </Loaded>
  );
}

interface HistoryProps {
  readonly propertyId: string;
  readonly home: string;
  readonly timers: readonly { readonly id: string; readonly name: string }[];
}

const ALL = 'all';

function History({ propertyId, home, timers }: HistoryProps) {
  const all = useHappenings(propertyId, useTimerIds(propertyId));
  const [place, go] = usePlace();
  const navigate = useNavigate();
  const kind = HAPPENING_KINDS.find((one) => one === place.get('what')) ?? ALL;
  const timer = timers.find(({ id }) => id === place.get('timer'))?.id ?? ALL;
  const ticked = (place.get('compare') ?? '').split(',').filter(Boolean);
  const shown = all?.filter(
    (one) =>
      (kind === ALL || one.kind === kind) &&
      (timer === ALL || one.timerId === timer || one.timerId === null),
  );
  const pair = all?.filter(({ copyId }) => copyId !== undefined && ticked.includes(copyId)) ?? [];
  const canCompare = pair.length === 2 && pair[0]!.timerId === pair[1]!.timerId;
  const tick = (id: string) => {
    const others = ticked.filter((one) => one !== id);
    const next = (ticked.includes(id) ? others : [...others, id]).slice(-2);
    go({ compare: next.length === 0 ? undefined : next.join(',') });
  };
  return (
    <Page
      title="History"
      crumbs={[{ to: `/properties/${propertyId}`, name: home }]}
      actions={
        <>
          <Select
            aria-label="What happened"
            className={styles['choice']!}
            value={kind}
            options={[
              { value: ALL, label: 'All that happened' },
              ...HAPPENING_KINDS.map((value) => ({ value, label: KIND_NAMES[value] })),
            ]}
            onChange={(value) => go({ what: value === ALL ? undefined : value })}
          />
          {timers.length > 1 && (
            <Select
              aria-label="At which timer"
              className={styles['choice']!}
              value={timer}
              options={[
                { value: ALL, label: 'All timers' },
                ...timers.map(({ id, name }) => ({ value: id, label: name })),
              ]}
              onChange={(value) => go({ timer: value === ALL ? undefined : value })}
            />
          )}
          <Button
            disabled={!canCompare}
            onClick={() =>
              void navigate(`/timers/${pair[0]!.timerId}/copies?compare=${ticked.join(',')}`)
            }
          >
            Compare two copies
          </Button>
          <Button icon={<PrinterOutlined />} onClick={() => window.print()}>
            Print
          </Button>
        </>
      }
    >
      <section className={pageStyles['sheet']} aria-label="History">
        {!shown && <Skeleton active />}
        {shown?.length === 0 && (
          <p className={pageStyles['soft']}>
            {all?.length === 0 ? 'Nothing has happened here yet.' : 'Nothing of this kind.'}
          </p>
        )}
        <ol className={styles['line']}>
          {shown?.map((one) => (
            <Line
              key={one.key}
              {...{ one }}
              timer={
                timers.length > 1 ? timers.find(({ id }) => id === one.timerId)?.name : undefined
              }
              ticked={ticked}
              onTick={tick}
            />
          ))}
        </ol>
      </section>
    </Page>
  );
}

interface LineProps {
  readonly one: Happening;
  readonly timer: string | undefined;
  /** Copies that are to be compared. */
  readonly ticked: readonly string[];
  readonly onTick: (copyId: string) => void;
}

function Line({ one, timer, ticked, onTick }: LineProps) {
  const clock = useClock();
  const say = useSay();
  const { kind, at, words, by, to, photo, copyId } = one;
  const said = say(words);
  return (
    <li data-kind={kind}>
      <span className={pageStyles['soft']}>{momentWords(at, clock)}</span>
      <div>
        {copyId !== undefined && (
          <Checkbox
            aria-label={`Compare ${said}`}
            checked={ticked.includes(copyId)}
            onChange={() => onTick(copyId)}
          />
        )}
        {to === undefined ? (
          <span>{said}</span>
        ) : to.startsWith('/api/') ? (
          <a href={to} target="_blank" rel="noreferrer">
            {said}
          </a>
        ) : (
          <Link to={to}>{said}</Link>
        )}
        <span className={pageStyles['soft']}>{[timer, by].filter(Boolean).join(', ')}</span>
        {photo && <PhotoRow label={said} photos={[photo]} />}
      </div>
    </li>
  );
}

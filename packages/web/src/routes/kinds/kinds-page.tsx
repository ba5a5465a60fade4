import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { GENERIC_KINDS, type TimerCapability } from '@water-clock/core/timer-kinds';
import { counted } from '@water-clock/core/words';
import { Button, Skeleton } from 'antd';
import { Link, useNavigate } from 'react-router';
import { kindsQuery } from '../../api/kinds';
import { LoadError, Page } from '../../app/page';
import { useMayChange } from '../../signed-in/use-signed-in';
import './kinds-page.css';

/** The kinds of timers that the firm knows, and those that come with Water Clock. */
export function KindsPage() {
  const kinds = useQuery(kindsQuery);
  const navigate = useNavigate();
  const mayChange = useMayChange();
  return (
    <Page
      title="Timer kinds"
      actions={
        mayChange && (
          <Button
            type="primary"
            icon={<PlusOutlined />}
            onClick={() => void navigate('/kinds/new')}
          >
            New kind, by questions
          </Button>
        )
      }
    >
      {kinds.error && (
        <LoadError what="The kinds" error={kinds.error} onRetry={() => void kinds.refetch()} />
      )}
      <section className="sheet" aria-labelledby="own-kinds">
        <h2 id="own-kinds">Yours</h2>
        {kinds.isPending && <Skeleton active />}
        {kinds.data?.length === 0 && (
          <p className="soft">
            None yet. Make one from the questions you can answer in front of a timer, or from a kind
            below; every later timer of that kind is set up in one step.
          </p>
        )}
        <ul className="kinds">
          {kinds.data?.map(({ id, name, summary, capability, timers }) => (
            <li key={id}>
              <Link to={`/kinds/${id}`}>{name}</Link>
              <span>{summary}</span>
              <span className="soft">
                {capabilityWords(capability)} · {counted(timers, 'timer')} of it
              </span>
            </li>
          ))}
        </ul>
      </section>
      <section className="sheet" aria-labelledby="shipped-kinds">
        <h2 id="shipped-kinds">To start from</h2>
        <ul className="kinds">
          {GENERIC_KINDS.map(({ key, timer, summary }) => (
            <li key={key}>
              {mayChange ? (
                <Link to={`/kinds/new?like=${key}`}>{timer.name}</Link>
              ) : (
                <span>{timer.name}</span>
              )}
              <span>{summary}</span>
              <span className="soft">{capabilityWords(timer)}</span>
            </li>
          ))}
        </ul>
      </section>
    </Page>
  );
}

function capabilityWords(timer: TimerCapability): string {
  return [
    counted(timer.stations, 'station'),
    counted(timer.programs.length, 'program'),
    `${counted(timer.startsPerProgram, 'start')} each`,
    ...(timer.cycleSoak ? ['cycle-and-soak'] : []),
    timer.power,
  ].join(', ');
}

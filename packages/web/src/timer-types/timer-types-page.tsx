import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { GENERIC_TYPES, type TimerCapability } from '@water-clock/core/timer-types';
import { counted } from '@water-clock/core/words';
import { Button, Skeleton } from 'antd';
import { Link, useNavigate } from 'react-router';
import { propertiesKey } from '../api/properties';
import { bringBackTimerType, timerTypesQuery } from '../api/timer-types';
import { timersKey } from '../api/timers';
import { LoadError, Page } from '../ui/page';
import { TakenAway } from '../ui/taken-away';
import { useMayChange } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';
import listPageStyles from '../ui/list-page.module.css';

/** The Types of timers that the firm knows, and those that come with Water Clock. */
export function TimerTypesPage() {
  const timerTypes = useQuery(timerTypesQuery);
  const navigate = useNavigate();
  const mayChange = useMayChange();
  return (
    <Page
      title="Timer types"
      actions={
        mayChange && (
          <Button
            type="primary"
            icon={<PlusOutlined />}
            onClick={() => void navigate('/timer-types/new')}
          >
            New type, by questions
          </Button>
        )
      }
    >
      {timerTypes.error && !timerTypes.data && (
        <LoadError
          what="The timer types"
          error={timerTypes.error}
          onRetry={() => void timerTypes.refetch()}
        />
      )}
      <TakenAway
        bringBack={bringBackTimerType}
        touches={[timerTypesQuery.queryKey, timersKey, propertiesKey]}
      />
      <section className={pageStyles['sheet']} aria-labelledby="own-types">
        <h2 id="own-types">Yours</h2>
        {timerTypes.isPending && <Skeleton active />}
        {timerTypes.data?.length === 0 && (
          <p className={pageStyles['soft']}>
            None yet. Make one from the questions you can answer in front of a timer, or from a type
            below; every later timer of that type is set up in one step.
          </p>
        )}
        <ul className={listPageStyles['list']}>
          {timerTypes.data?.map(({ id, name, summary, capability, timers }) => (
            <li key={id}>
              <Link to={`/timer-types/${id}`}>{name}</Link>
              <span>{summary}</span>
              <span className={pageStyles['soft']}>
                {capabilityWords(capability)} · {counted(timers, 'timer')} of it
              </span>
            </li>
          ))}
        </ul>
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="shipped-types">
        <h2 id="shipped-types">To start from</h2>
        <ul className={listPageStyles['list']}>
          {GENERIC_TYPES.map(({ key, timer, summary }) => (
            <li key={key}>
              {mayChange ? (
                <Link to={`/timer-types/new?like=${key}`}>{timer.name}</Link>
              ) : (
                <span>{timer.name}</span>
              )}
              <span>{summary}</span>
              <span className={pageStyles['soft']}>{capabilityWords(timer)}</span>
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

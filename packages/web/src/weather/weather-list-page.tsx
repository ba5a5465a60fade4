import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { propertiesKey } from '../api/properties';
import { timersKey } from '../api/timers';
import { bringBackWeather, weatherKey, weatherListQuery } from '../api/weather';
import { EmptyState } from '../ui/empty-state';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { TakenAway } from '../ui/taken-away';
import { useMayChange } from '../session/use-signed-in';
import { recordWords } from './weather-words';
import pageStyles from '../ui/page.module.css';
import listPageStyles from '../ui/list-page.module.css';

/** The weather of the districts in which the firm works. */
export function WeatherListPage() {
  const list = useQuery(weatherListQuery);
  const navigate = useNavigate();
  const mayChange = useMayChange();
  const add = mayChange && (
    <Button type="primary" icon={<PlusOutlined />} onClick={() => void navigate('/weather/new')}>
      Add weather
    </Button>
  );
  const taken = (
    <TakenAway bringBack={bringBackWeather} touches={[weatherKey, propertiesKey, timersKey]} />
  );
  return (
    <Loaded what="The weather" missing="weather" queries={[list]}>
      {() =>
        list.data!.length === 0 ? (
          <Page title="Weather">
            {taken}
            <EmptyState
              title="No weather yet"
              text="How much a station needs depends on the weather: from a file of daily highs, lows and rain, from a table by month, or from the simulated station."
            >
              {add}
            </EmptyState>
          </Page>
        ) : (
          <Page title="Weather" actions={add}>
            {taken}
            <section className={pageStyles['sheet']} aria-labelledby="places">
              <h2 id="places">Where it was read</h2>
              <ul className={listPageStyles['list']}>
                {list.data!.map(({ id, name, towns, properties, ...record }) => (
                  <li key={id}>
                    <Link to={`/weather/${id}`}>{name}</Link>
                    <span>{towns.join(', ') || 'offered to no town'}</span>
                    <span className={pageStyles['soft']}>
                      {recordWords(record)};{' '}
                      {properties === 1 ? '1 home uses' : `${properties} homes use`} it
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          </Page>
        )
      }
    </Loaded>
  );
}

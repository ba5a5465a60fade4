import { useQuery } from '@tanstack/react-query';
import { parseDateTime } from '@water-clock/core/civil-time';
import { dateAndTime } from '@water-clock/core/words';
import { Link } from 'react-router';
import { simulatedTimersQuery } from '../api/simulator';
import { weatherListQuery } from '../api/weather';
import { useSay, useSignedIn } from '../session/use-signed-in';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import pageStyles from '../ui/page.module.css';

/** What of all that is shown is simulated, and how one knows it. */
export function SimulatedThings() {
  const timers = useQuery(simulatedTimersQuery);
  const weather = useQuery(weatherListQuery);
  return (
    <Page title="What is simulated" crumbs={[{ to: '/firm', name: 'Firm' }]}>
      <Loaded what="The list" missing="page" queries={[timers, weather]}>
        {() => (
          <div className={pageStyles['sheets']}>
            <Timers {...timers.data!} />
            <Stations
              names={weather
                .data!.filter(({ kind }) => kind === 'simulated')
                .map(({ name }) => name)}
            />
            <Mail />
            <Meters />
          </div>
        )}
      </Loaded>
    </Page>
  );
}

interface TimersProps {
  readonly isRunning: boolean;
  readonly timers: readonly {
    readonly id: string;
    readonly name: string;
    readonly home: string;
    readonly clock: string;
    readonly speed: number;
    readonly lit: readonly number[];
  }[];
}

function Timers({ isRunning, timers }: TimersProps) {
  const say = useSay();
  return (
    <section className={pageStyles['sheet']} aria-labelledby="timers">
      <h2 id="timers">Timers</h2>
      <p>
        A simulated timer can hang in the place of one on a wall, at any timer&rsquo;s page of that
        name and on the walk. What it waters wets nothing, and nothing of it is taken for the real
        one.
      </p>
      {!isRunning && <p role="status">The simulator is not running here.</p>}
      {isRunning && timers.length === 0 && <p className={pageStyles['soft']}>None hangs now.</p>}
      <ul>
        {timers.map(({ id, name, home, clock, speed, lit }) => (
          <li key={id}>
            <Link to={`/timers/${id}/simulated`}>
              {home}, {name}
            </Link>
            : {say(dateAndTime(parseDateTime(clock)!))}
            {speed !== 1 && `, ${speed} times as fast`}
            {lit.length > 0 && `, station ${lit.join(', ')} on`}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Stations({ names }: { names: readonly string[] }) {
  return (
    <section className={pageStyles['sheet']} aria-labelledby="stations">
      <h2 id="stations">Weather stations</h2>
      <p>
        A weather record can be of a simulated station: days made from a climate by a seed, always
        the same. Homes that go by it are planned for weather that nobody measured.
      </p>
      {names.length === 0 ? (
        <p className={pageStyles['soft']}>No record of the firm is of one.</p>
      ) : (
        <p>Simulated: {names.join(', ')}.</p>
      )}
      <p className={pageStyles['way']}>
        <Link to="/weather">All weather records</Link>
      </p>
    </section>
  );
}

function Mail() {
  const { person, firm } = useSignedIn();
  return (
    <section className={pageStyles['sheet']} aria-labelledby="mail">
      <h2 id="mail">Mail</h2>
      <p>
        No mail is sent by Water Clock itself: what it would write to people of the firm is put into
        a folder{firm.isDemo && ', in the demo onto a page'}. Messages to households are opened in
        your own mail or telephone, and sent by you.
      </p>
      {firm.isDemo && person.role === 'owner' && (
        <p className={pageStyles['way']}>
          <Link to="/firm/outbox">Mail that the demo wrote</Link>
        </p>
      )}
    </section>
  );
}

function Meters() {
  return (
    <section className={pageStyles['sheet']} aria-labelledby="meters">
      <h2 id="meters">Meters</h2>
      <p>
        Ohms, amps and litres at a simulated timer are those of its simulated wires and valves.
        Where none hangs, every reading is what somebody typed.
      </p>
    </section>
  );
}

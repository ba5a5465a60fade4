import type { Yard, YardStation } from '@water-clock/core/yards';
import { civilDateOf, parseDate } from '@water-clock/core/civil-time';
import { listInWords, shortDate } from '@water-clock/core/words';
import { useState } from 'react';
import { Button } from 'antd';
import { StationTable } from './station-table';
import type { TableOfYard } from './table-of-yard';
import pageStyles from '../ui/page.module.css';
import styles from './valve-units.module.css';

/** Which stations the flow sensor measures, and the moisture sensors in the ground. */
export function Sensors(props: TableOfYard) {
  const { yard } = props;
  const told = sensorsInWords(yard);
  const [isOpen, setOpen] = useState(told.length > 0);
  return (
    <section className={styles['units']} aria-labelledby="yard-sensors">
      <div className={styles['units-head']}>
        <h2 id="yard-sensors">Flow and moisture sensors</h2>
        <Button
          size="small"
          type="text"
          aria-expanded={isOpen}
          aria-controls="sensors-by-station"
          onClick={() => setOpen(!isOpen)}
        >
          {told.length > 0 || isOpen ? 'By station…' : 'None known. By station…'}
        </Button>
      </div>
      {told.length > 0 && (
        <ul className={styles['told']}>
          {told.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {isOpen && (
        <div id="sensors-by-station">
          <div className={styles['unit-scroll']}>
            <StationTable
              label="Flow and moisture sensors"
              {...props}
              headWidth={170}
              head={({ number, name }) => (
                <span className={styles['unit-station']}>
                  <b className="figures">{number}</b> {name}
                </span>
              )}
            />
          </div>
          <p className={pageStyles['soft']}>
            What a moisture sensor holds back nobody but it knows: boards and findings show what
            waters unless it holds. A follower “for sensor” heeds that of its station.
          </p>
        </div>
      )}
    </section>
  );
}

/** What is measured where, a sentence each; nothing where nobody knows of a sensor. */
function sensorsInWords({ stations }: Yard): string[] {
  const named = ({ number, name }: YardStation) => `${number}${name ? ` ${name}` : ''}`;
  const measured = stations.filter(({ flowSensor }) => flowSensor);
  return [
    ...(measured.length > 0
      ? [
          measured.length === stations.length
            ? 'The flow sensor measures every station.'
            : `The flow sensor measures ${listInWords(measured.map(named))}; the others run unseen by it.`,
        ]
      : []),
    ...stations.flatMap((station) => {
      const sensor = station.moistureSensor;
      if (!sensor) return [];
      const { serial, holdsFromPercent, readPercent, readOn } = sensor;
      const followers = stations.filter(
        ({ follows, followsFor }) => follows === station.number && followsFor === 'sensor',
      );
      const stationsHeld = [station, ...followers].map(named);
      const from = holdsFromPercent === undefined ? '' : ` from ${holdsFromPercent} % on`;
      const read =
        readPercent === undefined
          ? ''
          : ` It read ${readPercent} %${readOn === undefined ? '' : ` on ${dateWords(readOn)}`}.`;
      return [`Moisture sensor ${serial} holds ${listInWords(stationsHeld)} back${from}.${read}`];
    }),
  ];
}

const dateWords = (date: string): string => {
  const day = parseDate(date)!;
  return `${shortDate(day)} ${civilDateOf(day).year}`;
};

import { formatDate, parseDate } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { bypassedSensors } from '@water-clock/core/sheets';
import { listInWords } from '@water-clock/core/words';
import { setFields } from '@water-clock/core/yards';
import { useYardFact } from '../offline/use-yard-fact';
import { useDayOrder } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import pageStyles from '../ui/page.module.css';

interface SensorBackProps {
  readonly timerId: string;
  readonly plan: Plan;
}

/** When a sensor that is bypassed is to be switched back: somebody has to do it, the timer does not. */
export function SensorBack({ timerId, plan }: SensorBackProps) {
  const order = useDayOrder();
  const { yard, put } = useYardFact(timerId, 'The day is not noted.');
  const sensors = bypassedSensors(plan);
  if (sensors.length === 0) return null;
  const sensorBackOn = yard?.sensorBackOn;
  const words = listInWords(sensors);
  return (
    <div>
      <label>
        The {words} sensor is bypassed. Somebody switches it back on{' '}
        <DateField
          label={`The ${words} sensor is switched back on`}
          day={sensorBackOn === undefined ? null : parseDate(sensorBackOn)!}
          order={order}
          onChange={(day) =>
            void put(
              setFields({ sensorBackOn: formatDate(day) }),
              'Noted: it falls due on that day.',
            )
          }
        />
      </label>
      <span className={pageStyles['soft']}> It stands on the sheet, and at the home.</span>
    </div>
  );
}

import { parseDate } from '@water-clock/core/civil-time';
import { bypassedSensors } from '@water-clock/core/sheets';
import { listInWords, nearDate } from '@water-clock/core/words';
import { todayHere } from '../format/today';
import { useStoredSettings, useStoredYard } from '../offline/use-stored';

/** That a sensor is bypassed, and when somebody is to switch it back; no row where all are heeded. */
export function SensorRow({ timerId }: { timerId: string }) {
  const settings = useStoredSettings(timerId, { isToRead: true });
  const yard = useStoredYard(timerId);
  if (!settings.data || !yard.data) return null;
  const bypassed = bypassedSensors(settings.data.document);
  if (bypassed.length === 0) return null;
  const today = parseDate(todayHere())!;
  const { sensorBackOn } = yard.data.document;
  const back = sensorBackOn === undefined ? null : parseDate(sensorBackOn)!;
  return (
    <>
      <dt>Bypassed</dt>
      <dd>
        {listInWords(bypassed)} sensor
        {back === null && ', with no day to switch it back'}
        {back !== null && back >= today && `, to be switched back on ${nearDate(back, today)}`}
        {back !== null && back < today && (
          <strong>, was to be switched back on {nearDate(back, today)}</strong>
        )}
      </dd>
    </>
  );
}

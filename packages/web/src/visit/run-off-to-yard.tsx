import { counted } from '@water-clock/core/words';
import { App, Button } from 'antd';
import { useStoredYard } from '../offline/use-stored';
import { SAVED_HERE, useTimerSave } from '../offline/use-timer-save';
import type { OpenVisit } from '../timer-records/use-visit';

/** Times to run-off that were taken on the walk, put into the yard; nothing where it has them. */
export function RunOffToYard({ open }: { open: OpenVisit }) {
  const { message } = App.useApp();
  const yard = useStoredYard(open.timerId).data;
  const taken = new Map(
    [...open.visit.stations].flatMap(([number, { latest }]) =>
      latest.entry.runoffSeconds === undefined ? [] : [[number, latest.entry.runoffSeconds]],
    ),
  );
  const differing = (yard?.document.stations ?? []).filter(
    ({ number, runoffSeconds }) => taken.has(number) && taken.get(number) !== runoffSeconds,
  );
  const putting = useTimerSave(open.timerId, 'yard', 'Not put into the yard.');
  if (!yard || differing.length === 0) return null;
  const put = async () => {
    const stations = yard.document.stations.map((station) => {
      const runoffSeconds = taken.get(station.number);
      return runoffSeconds === undefined ? station : { ...station, runoffSeconds };
    });
    const done = await putting.write({ base: yard, document: { ...yard.document, stations } });
    if (!done) return;
    if ('saved' in done.answer) void message.success('The yard has them.');
    else if ('waits' in done.answer) void message.info(SAVED_HERE);
    else
      void message.warning('Somebody else saved the yard meanwhile: look, and put them in again.');
  };
  return (
    <Button loading={putting.isWriting} onClick={() => void put()}>
      Put {counted(differing.length, 'time')} to run-off into the yard
    </Button>
  );
}

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { App, Button } from 'antd';
import { saveYard, settingsToReadQuery, yardQuery } from '../api/timers';
import { useVersionedSave } from '../api/use-versioned-save';
import { todayHere } from '../format/today';
import type { OpenVisit } from './use-visit';

/** Times to run-off that were taken on the walk, put into the yard; nothing where it has them. */
export function RunOffToYard({ open }: { open: OpenVisit }) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const query = yardQuery(open.timerId);
  const yard = useQuery(query).data;
  const taken = new Map(
    [...open.visit.stations].flatMap(([number, { latest }]) =>
      latest.entry.runoffSeconds === undefined ? [] : [[number, latest.entry.runoffSeconds]],
    ),
  );
  const differing = (yard?.document.stations ?? []).filter(
    ({ number, runoffSeconds }) => taken.has(number) && taken.get(number) !== runoffSeconds,
  );
  const putting = useVersionedSave({
    name: 'save-yard',
    save: () => {
      const stations = yard!.document.stations.map((station) => {
        const runoffSeconds = taken.get(station.number);
        return runoffSeconds === undefined ? station : { ...station, runoffSeconds };
      });
      return saveYard(open.timerId, yard!.version, { ...yard!.document, stations });
    },
    newest: () => client.query({ ...query, staleTime: 0 }),
    touches: [query.queryKey, settingsToReadQuery(open.timerId, todayHere()).queryKey],
    lead: 'Not put into the yard.',
  });
  if (!yard || differing.length === 0) return null;
  const put = async () => {
    const done = await putting.write(null);
    if (done && 'saved' in done.answer) void message.success('The yard has them.');
    else if (done)
      void message.warning('Somebody else saved the yard meanwhile: look, and put them in again.');
  };
  return (
    <Button loading={putting.isWriting} onClick={() => void put()}>
      Put {counted(differing.length, 'time')} to run-off into the yard
    </Button>
  );
}

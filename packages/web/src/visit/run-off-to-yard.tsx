import { useQuery, useQueryClient } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { App, Button } from 'antd';
import { troubleInWords } from '../api/client';
import { saveYard, yardQuery } from '../api/timers';
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
  if (!yard || differing.length === 0) return null;
  const put = async () => {
    try {
      const stations = yard.document.stations.map((station) => {
        const runoffSeconds = taken.get(station.number);
        return runoffSeconds === undefined ? station : { ...station, runoffSeconds };
      });
      const document = { ...yard.document, stations };
      client.setQueryData(query.queryKey, await saveYard(open.timerId, yard.version, document));
      void message.success('The yard has them.');
    } catch (error) {
      void message.error(`Not put into the yard. ${troubleInWords(error)}`);
      void client.invalidateQueries({ queryKey: query.queryKey });
    }
  };
  return (
    <Button onClick={() => void put()}>
      Put {counted(differing.length, 'time')} to run-off into the yard
    </Button>
  );
}

import { formatDateTime } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import type { UnitTest, ValveUnit } from '@water-clock/core/yards';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useState } from 'react';
import { troubleInWords } from '../api/client';
import { connectSimulator, searchUnits, simulatorQuery, testUnit } from '../api/simulator';
import { useWrite } from '../api/use-write';
import { nowIn } from '../format/now-in';
import { todayHere } from '../format/today';

/** The two wires of the simulated timer that hangs in the place of the one on the wall. */
export function useCable(timerId: string, plan: Plan, timeZone: string | undefined) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const query = simulatorQuery(timerId);
  const { data } = useQuery(query);
  const [found, setFound] = useState<readonly ValveUnit[] | null>(null);
  const connecting = useWrite('connect-simulator', () =>
    connectSimulator(timerId, formatDateTime(nowIn(timeZone, new Date())), plan),
  );
  const told = async <Answer>(ask: () => Promise<Answer>): Promise<Answer | null> => {
    try {
      return await ask();
    } catch (error) {
      void message.error(troubleInWords(error));
      return null;
    }
  };
  return {
    isThere: Boolean(data),
    /** What answered the last search; null: nobody has searched. */
    found,
    hangUp: async () => {
      const done = await connecting.write();
      if (done) client.setQueryData(query.queryKey, done.answer);
    },
    search: async () => {
      const answer = await told(() => searchUnits(timerId));
      if (answer) setFound(answer.units);
    },
    /** Null where it could not be asked, which has been told. */
    test: async (serial: string): Promise<UnitTest | null> => {
      const answer = await told(() => testUnit(timerId, serial));
      if (!answer) return null;
      const { result, milliamps } = answer;
      return { on: todayHere(), result, ...(milliamps !== null && { milliamps }) };
    },
  };
}

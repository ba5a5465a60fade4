import { useQuery } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { tellingsQuery, type Told } from '../api/tellings';
import { momentWords } from '../format/moment-words';
import { useClock, useSay } from '../session/use-signed-in';
import { withTold, type Story } from './story';
import { toldWords, type StationName } from './told-words';

interface HouseholdToldProps {
  readonly timerId: string;
  readonly stations: readonly StationName[];
  readonly story: Story;
  readonly edit: (change: (story: Story) => Story) => void;
}

const idOf = ({ id }: Told, index: number): string => `${id} ${index}`;

/** What the household told and nobody has seen to: what it saw is taken over onto the week. */
export function HouseholdTold({ timerId, stations, story, edit }: HouseholdToldProps) {
  const told = useQuery(tellingsQuery(timerId)).data ?? [];
  const clock = useClock();
  const say = useSay();
  const isThere = (one: Told) =>
    one.document.saw.some((_saw, index) => story.told.some(({ id }) => id === idOf(one, index)));
  const takeOver = (one: Told) =>
    edit((before) =>
      one.document.saw.reduce(
        (with_, { what, from, to, station }, index) =>
          withTold(with_, { ...{ id: idOf(one, index), what, from, to, station } }),
        before,
      ),
    );
  return told
    .filter(({ closedAt }) => closedAt === null)
    .map((one) => (
      <Alert
        key={one.id}
        type="info"
        title={`The household told on ${momentWords(one.toldAt, clock)}`}
        description={
          <>
            {one.document.words !== '' && <p>&ldquo;{one.document.words}&rdquo;</p>}
            {one.document.saw.map((saw) => (
              <p key={`${saw.from} ${saw.station}`}>{say(toldWords(saw, stations))}</p>
            ))}
          </>
        }
        action={
          one.document.saw.length > 0 && !isThere(one) ? (
            <Button onClick={() => takeOver(one)}>Put it on the week</Button>
          ) : undefined
        }
      />
    ));
}

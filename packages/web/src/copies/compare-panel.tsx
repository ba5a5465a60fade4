import { useQuery } from '@tanstack/react-query';
import { changeSentences, yardSentences } from '@water-clock/core/compare';
import { flowsUntil } from '@water-clock/core/visits';
import { Skeleton } from 'antd';
import { copyQuery, type Copy } from '../api/copies';
import { stationsSeenQuery } from '../api/visits';
import { missingError } from '../ui/missing-error';
import { LoadError } from '../ui/page';
import { useSay } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';

interface ComparePanelProps {
  readonly older: string;
  readonly newer: string;
}

/** What is otherwise at the later of two copies, in words: the settings, the yard, and what stations took. */
export function ComparePanel({ older, newer }: ComparePanelProps) {
  const [before, after] = [useQuery(copyQuery(older)), useQuery(copyQuery(newer))];
  const error = missingError([before, after]);
  if (error) return <LoadError what="A copy" error={error} onRetry={() => void before.refetch()} />;
  if (!before.data || !after.data) return <Skeleton active />;
  const pair = { before: before.data, after: after.data };
  return (
    <section className={pageStyles['sheet']} aria-label="Compared">
      <h2>
        From № {before.data.number} to № {after.data.number}
      </h2>
      <Sentences all={changeSentences(before.data.document, after.data.document)} />
      <h3>The yard</h3>
      <YardCompared {...pair} />
      <h3>What stations took</h3>
      <FlowCompared {...pair} />
    </section>
  );
}

interface Pair {
  readonly before: Copy;
  readonly after: Copy;
}

function YardCompared({ before, after }: Pair) {
  if (!before.yard || !after.yard)
    return <p className={pageStyles['soft']}>Nobody kept the yard of one of them.</p>;
  return <Sentences all={yardSentences(before.yard, after.yard)} />;
}

/** Of stations that were read until both of them, what they took. */
function FlowCompared({ before, after }: Pair) {
  const { data } = useQuery(stationsSeenQuery(after.timer.id));
  if (!data) return <Skeleton active />;
  const [then, later] = [flowsUntil(data, before.madeAt), flowsUntil(data, after.madeAt)];
  const both = [...later].filter(([station]) => then.has(station));
  if (both.length === 0)
    return <p className={pageStyles['soft']}>No station was read before both of them.</p>;
  return (
    <Sentences
      all={both
        .filter(([station, lpm]) => lpm !== then.get(station))
        .map(([station, lpm]) => `Station ${station}: ${then.get(station)} L/min → ${lpm} L/min.`)}
    />
  );
}

function Sentences({ all }: { readonly all: readonly string[] }) {
  const say = useSay();
  if (all.length === 0) return <p>There is no difference.</p>;
  return (
    <ul>
      {all.map((sentence) => (
        <li key={sentence}>{say(sentence)}</li>
      ))}
    </ul>
  );
}

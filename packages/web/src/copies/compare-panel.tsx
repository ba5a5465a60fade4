import { useQuery } from '@tanstack/react-query';
import { changeSentences } from '@water-clock/core/compare';
import { Skeleton } from 'antd';
import { copyQuery } from '../api/copies';
import { missingError } from '../ui/missing-error';
import { LoadError } from '../ui/page';
import { useSay } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';

interface ComparePanelProps {
  readonly older: string;
  readonly newer: string;
}

/** What is set otherwise in the newer of two copies, in words. */
export function ComparePanel({ older, newer }: ComparePanelProps) {
  const say = useSay();
  const [before, after] = [useQuery(copyQuery(older)), useQuery(copyQuery(newer))];
  const error = missingError([before, after]);
  if (error) return <LoadError what="A copy" error={error} onRetry={() => void before.refetch()} />;
  if (!before.data || !after.data) return <Skeleton active />;
  const sentences = changeSentences(before.data.document, after.data.document);
  return (
    <section className={pageStyles['sheet']} aria-label="Compared">
      <h2>
        From № {before.data.number} to № {after.data.number}
      </h2>
      {sentences.length === 0 && <p>There is no difference.</p>}
      <ul>
        {sentences.map((sentence) => (
          <li key={sentence}>{say(sentence)}</li>
        ))}
      </ul>
    </section>
  );
}

import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { Button, Skeleton } from 'antd';
import { Link, useNavigate } from 'react-router';
import { propertiesKey } from '../api/properties';
import { bringBackRuleSet, rulesQuery } from '../api/rules';
import { timersKey } from '../api/timers';
import { Caution, LoadError, Page } from '../ui/page';
import { TakenAway } from '../ui/taken-away';
import { useMayChange } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';
import listPageStyles from '../ui/list-page.module.css';

/** The watering rules of the districts in which the firm works. */
export function RulesPage() {
  const rules = useQuery(rulesQuery);
  const navigate = useNavigate();
  const mayChange = useMayChange();
  return (
    <Page
      title="Local rules"
      actions={
        mayChange && (
          <Button
            type="primary"
            icon={<PlusOutlined />}
            onClick={() => void navigate('/rules/new')}
          >
            Add a district
          </Button>
        )
      }
    >
      {rules.error && !rules.data && (
        <LoadError what="The rules" error={rules.error} onRetry={() => void rules.refetch()} />
      )}
      <TakenAway
        bringBack={bringBackRuleSet}
        touches={[rulesQuery.queryKey, propertiesKey, timersKey]}
      />
      <section className={pageStyles['sheet']} aria-labelledby="districts">
        <h2 id="districts">Districts</h2>
        {rules.isPending && <Skeleton active />}
        {rules.data?.length === 0 && (
          <p className={pageStyles['soft']}>
            None yet. Enter a district&apos;s rule once, with its words and where they come from;
            every home there is checked against it by its house number.
          </p>
        )}
        <ul className={listPageStyles['list']}>
          {rules.data?.map(({ id, properties, document: { district, towns, periods } }) => (
            <li key={id}>
              <Link to={`/rules/${id}`}>{district}</Link>
              <span>{towns.join(', ') || 'no town named'}</span>
              <span className={pageStyles['soft']}>
                {counted(periods.length, 'period')},{' '}
                {properties === 1 ? '1 home uses' : `${properties} homes use`} it
              </span>
            </li>
          ))}
        </ul>
        <Caution>
          These are your firm&apos;s notes, not the law. Rules change: check with the water
          supplier; keeping them is the owner&apos;s.
        </Caution>
      </section>
    </Page>
  );
}

import { CARE_NAMES, caresAt, hasDrip, type Care, type CarePlace } from '@water-clock/core/care';
import { Tag } from 'antd';
import { Link } from 'react-router';
import { FROST_NAMES } from '../../format/frost-names';
import { SUPPLY_NAMES } from '../../format/supply-names';
import { PhotoStrip } from '../../photos/photo-strip';
import { Caution } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import { usePlace } from '../../ui/use-place';
import { VisitFrame, type VisitHere } from '../visit-frame';
import { CareForm } from './care-form';
import styles from './care.module.css';

/** What is cared for, each by its checklist. */
export function CarePage() {
  return <VisitFrame title="Care">{(here) => <AllCare {...here} />}</VisitFrame>;
}

function AllCare({ open, timer, inTimer: { plan } }: VisitHere) {
  const { id: propertyId, supplySource, frost } = timer.property;
  const [search, goTo] = usePlace();
  const place: CarePlace = {
    ...{ supply: supplySource ?? 'mains', frost: frost ?? 'hard' },
    ...{ power: plan.timer.power, hasDrip: hasDrip(plan) },
  };
  const cares = caresAt(plan);
  const shown = cares.find((care) => care === search.get('care')) ?? cares[0]!;
  return (
    <>
      <p className={styles['goes-by']}>
        Water comes from: {SUPPLY_NAMES[place.supply]}
        {supplySource === null && ', as far as nobody said otherwise'}. It freezes:{' '}
        {FROST_NAMES[place.frost]}
        {frost === null && ', as far as nobody said otherwise'}.
      </p>
      <p className={pageStyles['way']}>
        <Link to={`/properties/${propertyId}/edit`}>Change it at the home</Link>
      </p>
      <div className={styles['care']}>
        <nav aria-label="What is cared for">
          <ul className={styles['kinds']}>
            {cares.map((care) => (
              <li key={care}>
                <Link
                  to={`?care=${care}`}
                  replace
                  aria-current={care === shown}
                  onClick={(event) => {
                    event.preventDefault();
                    goTo({ care });
                  }}
                >
                  {CARE_NAMES[care]}
                </Link>
                <State {...{ open, care }} />
              </li>
            ))}
          </ul>
        </nav>
        <CareForm key={`${open.id} ${shown}`} {...{ open, place }} care={shown} />
      </div>
      <section className={pageStyles['sheet']} aria-label="Photos of the care">
        <PhotoStrip
          {...{ propertyId }}
          label="Photos of the care"
          isShown={({ visitId, document }) => visitId === open.id && document.about === 'care'}
          of={{ timerId: timer.id, about: 'care', visitId: open.id }}
          words="Photo"
        />
      </section>
      <Caution>Local codes, the water supplier and the makers of the parts come first.</Caution>
    </>
  );
}

function State({ open, care }: { readonly open: VisitHere['open']; readonly care: Care }) {
  const entry = open.visit.cares.get(care)?.latest.entry;
  if (!entry) return null;
  return <Tag>{entry.isDone ? 'done' : 'begun'}</Tag>;
}

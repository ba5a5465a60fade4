import { CARE_NAMES, CARES, hasDrip, type Care, type CarePlace } from '@water-clock/core/care';
import { hasFilter } from '@water-clock/core/dues';
import type { Plan } from '@water-clock/core/settings';
import { setFields, type Frost, type Supply } from '@water-clock/core/yards';
import { Tag } from 'antd';
import { Link } from 'react-router';
import { useYardFact } from '../../offline/use-yard-fact';
import { PhotoStrip } from '../../photos/photo-strip';
import { Choice } from '../../ui/choice';
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

const SUPPLY_CHOICES = [
  { value: 'town', label: 'town main' },
  { value: 'well', label: 'well or lake, pumped' },
  { value: 'tank', label: 'tank, rain water' },
] as const;
const FROST_CHOICES = [
  { value: 'none', label: 'never' },
  { value: 'light', label: 'some nights' },
  { value: 'hard', label: 'into the ground' },
] as const;

/** What there is to care for at a timer. */
const isHere = (care: Care, plan: Plan): boolean =>
  (care !== 'sensor' || plan.timer.rainSensor) &&
  (care !== 'filter' || hasFilter(plan)) &&
  (care !== 'backflow' || plan.timer.power === 'mains');

function AllCare({ open, timer, inTimer: { plan } }: VisitHere) {
  const { yard, put } = useYardFact(timer.id, 'It is not noted.');
  const [search, goTo] = usePlace();
  const place: CarePlace = {
    ...{ supply: yard?.supply ?? 'town', frost: yard?.frost ?? 'hard' },
    ...{ power: plan.timer.power, hasDrip: hasDrip(plan) },
  };
  const cares = CARES.filter((care) => isHere(care, plan));
  const shown = cares.find((care) => care === search.get('care')) ?? cares[0]!;
  const noted = 'Noted with the yard.';
  return (
    <>
      <section className={pageStyles['sheet']} aria-label="What the checklists go by">
        <div className={styles['asked']}>
          <span>
            Where the water comes from
            {yard && yard.supply === undefined && ' (nobody said: taken as town main)'}
          </span>
          <Choice<Supply | ''>
            label="Where the water comes from"
            value={yard?.supply ?? ''}
            options={SUPPLY_CHOICES}
            onChange={(supply) => supply !== '' && void put(setFields({ supply }), noted)}
          />
          <span>
            It freezes here
            {yard && yard.frost === undefined && ' (nobody said: taken as into the ground)'}
          </span>
          <Choice<Frost | ''>
            label="It freezes here"
            value={yard?.frost ?? ''}
            options={FROST_CHOICES}
            onChange={(frost) => frost !== '' && void put(setFields({ frost }), noted)}
          />
        </div>
      </section>
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
          propertyId={timer.property.id}
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

import { clsx } from 'clsx';
import { formatDate, parseDate } from '@water-clock/core/civil-time';
import {
  CARE_DONE,
  CARE_NAMES,
  checklistOf,
  type Care,
  type CarePlace,
} from '@water-clock/core/care';
import { Button, Checkbox, Input } from 'antd';
import { useKeptForm } from '../../offline/use-kept-form';
import { useDayOrder, useQuantity } from '../../session/use-signed-in';
import type { OpenVisit } from '../../timer-records/use-visit';
import { DateField } from '../../ui/date-field';
import { Field } from '../../ui/field';
import { oncePressed } from '../../ui/once-pressed';
import { Caution, Foot } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import {
  careEntryOf,
  careIn,
  careTyped,
  pressureOf,
  whyNotDone,
  type CareTyped,
} from './care-typed';
import styles from './care.module.css';

interface CareFormProps {
  readonly open: OpenVisit;
  readonly care: Care;
  readonly place: CarePlace;
}

/** The checklist of one care, with what is read and who tested it. */
export function CareForm({ open, care, place }: CareFormProps) {
  const unit = useQuantity('pressure');
  const before = open.visit.cares.get(care)?.latest.entry;
  const kept = useKeptForm(`care.${open.id}.${care}`, careIn, careTyped(before, unit));
  const { form } = kept;
  const set = (change: Partial<CareTyped>) => kept.set((now) => ({ ...now, ...change }));
  const list = checklistOf(care, place);
  const pressure = pressureOf(form, unit);
  const why = typeof pressure === 'string' ? pressure : whyNotDone(list, form);
  const isDone = before?.isDone === true && !kept.isChanged;
  const keep = async (done: boolean) => {
    const pressureKpa = typeof pressure === 'number' ? pressure : null;
    const words = done ? CARE_DONE[care] : `${CARE_NAMES[care]}: begun`;
    if (!(await open.add(careEntryOf(care, form, { pressureKpa, isDone: done }), words))) return;
    kept.restart(form);
    kept.forget();
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="checklist">
      <h2 id="checklist">{CARE_NAMES[care]}</h2>
      <Caution>{list.caution}</Caution>
      <ul className={styles['steps']}>
        {list.steps.map(({ id, words, caution }) => (
          <li key={id}>
            <Checkbox
              checked={form.steps.includes(id)}
              onChange={({ target }) =>
                set({
                  steps: target.checked
                    ? [...form.steps, id]
                    : form.steps.filter((one) => one !== id),
                })
              }
            >
              {words}
            </Checkbox>
            {caution && <Caution>{caution}</Caution>}
          </li>
        ))}
      </ul>
      <div className={pageStyles['form-grid']}>
        {list.asks.includes('pressure') && (
          <Field
            label={care === 'winter' ? 'Blown out at' : 'Pressure read'}
            hint={typeof pressure === 'string' ? pressure : undefined}
          >
            {(id) => (
              <Input
                id={id}
                className="figures"
                inputMode="decimal"
                suffix={unit.label}
                aria-invalid={typeof pressure === 'string'}
                status={typeof pressure === 'string' ? 'error' : ''}
                value={form.pressure}
                onChange={({ target }) => set({ pressure: target.value })}
              />
            )}
          </Field>
        )}
        {list.asks.includes('tester') && <Tested {...{ form, set }} />}
        <Field label="Note">
          {(id) => (
            <Input
              id={id}
              maxLength={500}
              placeholder="What was found, what is left out"
              value={form.note}
              onChange={({ target }) => set({ note: target.value })}
            />
          )}
        </Field>
      </div>
      {why !== null && <p className={clsx(pageStyles['soft'], styles['why'])}>{why}</p>}
      <Foot>
        <Button
          disabled={!kept.isChanged || typeof pressure === 'string'}
          onClick={oncePressed(() => void keep(false))}
        >
          Keep it so far
        </Button>
        <Button
          type={isDone ? 'default' : 'primary'}
          disabled={isDone || why !== null}
          onClick={oncePressed(() => void keep(true))}
        >
          {isDone ? `${CARE_DONE[care]}: kept` : 'Done'}
        </Button>
      </Foot>
    </section>
  );
}

interface TestedProps {
  readonly form: CareTyped;
  readonly set: (change: Partial<CareTyped>) => void;
}

/** Who tested it, when, and when it is tested again. */
function Tested({ form, set }: TestedProps) {
  const order = useDayOrder();
  const day = (text: string) => (text === '' ? null : parseDate(text));
  return (
    <>
      <Field label="Licensed tester">
        {(id) => (
          <Input
            id={id}
            maxLength={200}
            value={form.tester}
            onChange={({ target }) => set({ tester: target.value })}
          />
        )}
      </Field>
      <Field label="Tested on" hint="Empty: today">
        {(id) => (
          <DateField
            id={id}
            day={day(form.testedOn)}
            order={order}
            onChange={(on) => set({ testedOn: formatDate(on) })}
          />
        )}
      </Field>
      <Field label="Next test" hint="Empty: after the firm’s months">
        {(id) => (
          <DateField
            id={id}
            day={day(form.nextOn)}
            order={order}
            onChange={(on) => set({ nextOn: formatDate(on) })}
          />
        )}
      </Field>
    </>
  );
}

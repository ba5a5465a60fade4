import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { formatDate, parseDate } from '@water-clock/core/civil-time';
import { withChanges, type Changes } from '@water-clock/core/kernel';
import type { HouseRule, RulePeriod } from '@water-clock/core/local-rules';
import { HEADS, SUPPLY_SOURCES } from '@water-clock/core/settings';
import { civilDateInWords } from '@water-clock/core/words';
import { Button, Checkbox, Input, Select } from 'antd';
import { useClock, useDayOrder } from '../session/use-signed-in';
import { DateField } from '../ui/date-field';
import { faultUnder, Field } from '../ui/field';
import { HoursInput } from '../ui/hours-input';
import { SUPPLY_NAMES } from '../format/supply-names';
import { WEEKDAY_OPTIONS } from '../format/weekday-options';
import { DayOfYearInput } from './day-of-year-input';
import pageStyles from '../ui/page.module.css';
import fieldStyles from '../ui/field.module.css';
import styles from './rule-set-page.module.css';

interface PeriodEditorProps {
  readonly period: RulePeriod;
  readonly path: string;
  readonly faults: ReadonlyMap<string, string>;
  readonly onChange: (fields: Changes<RulePeriod>) => void;
  readonly onRemove: () => void;
}

/** What holds from a date on: for which houses, which days, which hours, in whose words. */
export function PeriodEditor({ period, path, faults, onChange, onRemove }: PeriodEditorProps) {
  const { from, season, houses, noWater, exempt, words, source } = period;
  const day = parseDate(from);
  const [clock, order] = [useClock(), useDayOrder()];
  const setHouse = (index: number, fields: Changes<HouseRule>) =>
    onChange({ houses: houses.map((one, at) => (at === index ? withChanges(one, fields) : one)) });
  return (
    <section className={pageStyles['sheet']} aria-label={`Period from ${from}`}>
      <h2>
        Holds from {day === null ? from : civilDateInWords(day)}
        <Button size="small" icon={<DeleteOutlined />} onClick={onRemove}>
          Remove
        </Button>
      </h2>
      <div className={pageStyles['form-grid']}>
        <Field label="From" fault={faults.get(`${path}.from`)}>
          {(id) => (
            <DateField
              id={id}
              day={day}
              order={order}
              onChange={(chosen) => onChange({ from: formatDate(chosen) })}
            />
          )}
        </Field>
        <Field label="Part of the year, from and to" fault={faultUnder(faults, `${path}.season`)}>
          {(id) => (
            <span className={styles['rule-season']}>
              <DayOfYearInput
                id={id}
                placeholder="all year"
                value={season?.from ?? ''}
                onChange={(day) => onChange(seasonOf(day, season?.to ?? ''))}
              />
              <DayOfYearInput
                label="to"
                value={season?.to ?? ''}
                onChange={(day) => onChange(seasonOf(season?.from ?? '', day))}
              />
            </span>
          )}
        </Field>
        <Field label="Heads exempt from days and hours">
          {(id) => (
            <Select
              id={id}
              mode="multiple"
              value={exempt}
              options={HEADS.map((value) => ({ value, label: value }))}
              onChange={(heads) => onChange({ exempt: heads })}
            />
          )}
        </Field>
      </div>
      <h3 className={styles['rule-heading']}>
        Days <span className={pageStyles['soft']}>(no weekday ticked: every weekday)</span>
      </h3>
      {houses.map((house, index) => (
        <div key={index} className={styles['rule-house']}>
          <Select
            aria-label="Which houses"
            value={house.houses}
            style={{ width: 190 }}
            options={[
              { value: 'all', label: 'all houses' },
              { value: 'odd', label: 'odd house numbers' },
              { value: 'even', label: 'even house numbers' },
              { value: 'digits', label: 'numbers that end in' },
            ]}
            onChange={(chosen) => setHouse(index, { houses: chosen })}
          />
          {house.houses === 'digits' && (
            <Select
              aria-label="Last digits"
              mode="multiple"
              status={faults.has(`${path}.houses[${index}].digits`) ? 'error' : ''}
              value={house.digits}
              style={{ minWidth: 120 }}
              options={Array.from({ length: 10 }, (_, digit) => ({
                value: digit,
                label: `${digit}`,
              }))}
              onChange={(digits) => setHouse(index, { digits })}
            />
          )}
          <Select
            aria-label="With which water"
            mode="multiple"
            placeholder="any water"
            value={house.supplies ?? []}
            style={{ minWidth: 150 }}
            options={SUPPLY_SOURCES.map((value) => ({ value, label: SUPPLY_NAMES[value] }))}
            onChange={(supplies) =>
              setHouse(index, { supplies: supplies.length > 0 ? supplies : undefined })
            }
          />
          <Checkbox.Group
            aria-label="Weekdays allowed; none ticked: every weekday"
            options={WEEKDAY_OPTIONS}
            value={house.weekdays ?? []}
            onChange={(weekdays) =>
              setHouse(index, {
                weekdays: weekdays.length > 0 ? weekdays.sort((a, b) => a - b) : undefined,
              })
            }
          />
          <Select<'any' | 'odd' | 'even'>
            aria-label="Dates allowed"
            value={house.dateParity ?? 'any'}
            style={{ width: 130 }}
            options={[
              { value: 'any', label: 'any date' },
              { value: 'odd', label: 'odd dates' },
              { value: 'even', label: 'even dates' },
            ]}
            onChange={(parity) =>
              setHouse(index, { dateParity: parity === 'any' ? undefined : parity })
            }
          />
          <Button
            size="small"
            icon={<DeleteOutlined />}
            aria-label="Remove this line"
            onClick={() => onChange({ houses: houses.filter((_, at) => at !== index) })}
          />
          {faults.get(`${path}.houses[${index}].digits`) && (
            <span className={fieldStyles['field-fault']} role="alert">
              {faults.get(`${path}.houses[${index}].digits`)}
            </span>
          )}
        </div>
      ))}
      <Button
        size="small"
        icon={<PlusOutlined />}
        onClick={() => onChange({ houses: [...houses, { houses: 'all', digits: [] }] })}
      >
        Days for other houses
      </Button>
      <h3 className={styles['rule-heading']}>Hours when nothing may water</h3>
      <HoursInput
        hours={noWater}
        clock={clock}
        faultAt={(index) => faultUnder(faults, `${path}.noWater[${index}]`)}
        onChange={(hours) => onChange({ noWater: hours })}
      />
      <div className={pageStyles['form-grid']} style={{ marginTop: 12 }}>
        <Field label="The rule as it is written">
          {(id) => (
            <Input.TextArea
              id={id}
              autoSize={{ minRows: 2, maxRows: 6 }}
              maxLength={2000}
              value={words}
              onChange={(event) => onChange({ words: event.target.value })}
            />
          )}
        </Field>
        <Field label="Where the words come from">
          {(id) => (
            <Input.TextArea
              id={id}
              autoSize={{ minRows: 2, maxRows: 6 }}
              maxLength={2000}
              value={source}
              onChange={(event) => onChange({ source: event.target.value })}
            />
          )}
        </Field>
      </div>
    </section>
  );
}

/** Without both ends it holds all year. */
const seasonOf = (from: string, to: string): Changes<RulePeriod> => ({
  season: from === '' && to === '' ? undefined : { from, to },
});

import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { withChanges, type Changes } from '@water-clock/core/kernel';
import type { HouseRule, RulePeriod } from '@water-clock/core/local-rules';
import { DailyHours, HEADS } from '@water-clock/core/settings';
import { Button, Checkbox, Input, Select } from 'antd';
import { faultUnder, Field } from '../ui/field';
import { WEEKDAY_OPTIONS } from '../format/weekday-options';
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
  const setHouse = (index: number, fields: Changes<HouseRule>) =>
    onChange({ houses: houses.map((one, at) => (at === index ? withChanges(one, fields) : one)) });
  const setHours = (index: number, fields: Changes<DailyHours>) =>
    onChange({
      noWater: noWater.map((one, at) => (at === index ? withChanges(one, fields) : one)),
    });
  return (
    <section className={pageStyles['sheet']} aria-label={`Period from ${from}`}>
      <h2>
        Holds from {from}
        <Button size="small" icon={<DeleteOutlined />} onClick={onRemove}>
          Take out
        </Button>
      </h2>
      <div className={pageStyles['form-grid']}>
        <Field label="From" fault={faults.get(`${path}.from`)}>
          {(id) => (
            <input
              id={id}
              type="date"
              className={fieldStyles['date-input']}
              value={from}
              onChange={(event) => onChange({ from: event.target.value })}
            />
          )}
        </Field>
        <Field
          label="Part of the year, MM-DD to MM-DD"
          fault={faultUnder(faults, `${path}.season`)}
        >
          {(id) => (
            <span className={styles['rule-season']}>
              <Input
                id={id}
                placeholder="all year"
                value={season?.from ?? ''}
                onChange={(event) => onChange(seasonOf(event.target.value, season?.to ?? ''))}
              />
              <Input
                aria-label="to"
                placeholder=""
                value={season?.to ?? ''}
                onChange={(event) => onChange(seasonOf(season?.from ?? '', event.target.value))}
              />
            </span>
          )}
        </Field>
        <Field label="Heads that days and hours spare">
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
            aria-label="Take out this line"
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
      {noWater.map((hours, index) => (
        <div key={index} className={styles['rule-house']}>
          <input
            type="time"
            className={fieldStyles['date-input']}
            aria-label="Never from"
            value={hours.from}
            onChange={(event) => setHours(index, { from: event.target.value })}
          />
          <span>to</span>
          <input
            type="time"
            className={fieldStyles['date-input']}
            aria-label="to"
            value={hours.to}
            onChange={(event) => setHours(index, { to: event.target.value })}
          />
          <Button
            size="small"
            icon={<DeleteOutlined />}
            aria-label="Take out these hours"
            onClick={() => onChange({ noWater: noWater.filter((_, at) => at !== index) })}
          />
          {faultUnder(faults, `${path}.noWater[${index}]`) && (
            <span className={fieldStyles['field-fault']} role="alert">
              {faultUnder(faults, `${path}.noWater[${index}]`)}
            </span>
          )}
        </div>
      ))}
      <Button
        size="small"
        icon={<PlusOutlined />}
        onClick={() =>
          onChange({ noWater: [...noWater, { ...new DailyHours(), from: '10:00', to: '18:00' }] })
        }
      >
        Add hours
      </Button>
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

import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import {
  RulePeriod,
  RULES_FORMAT,
  type HouseRule,
  type RuleSet,
} from '@water-clock/core/local-rules';
import { DailyHours, HEADS } from '@water-clock/core/settings';
import { counted, WEEKDAYS } from '@water-clock/core/words';
import { Alert, App, Button, Checkbox, Input, Select, Skeleton } from 'antd';
import { useId, useState, type ReactNode } from 'react';
import { useNavigate, useParams } from 'react-router';
import { ApiError, troubleInWords } from '../../api/client';
import {
  addRuleSet,
  changeRuleSet,
  removeRuleSet,
  rulesQuery,
  type StoredRuleSet,
} from '../../api/rules';
import { NotFound } from '../../app/not-found';
import { Caution, LoadError, Page } from '../../app/page';
import { useMayChange } from '../../signed-in/use-signed-in';
import { todayHere } from '../../words/today';
import './rule-set-page.css';

/** The rules of one district. */
export function RuleSetPage() {
  const { ruleSetId = '' } = useParams();
  const rules = useQuery(rulesQuery);
  if (rules.error)
    return <LoadError what="The rules" error={rules.error} onRetry={() => void rules.refetch()} />;
  if (!rules.data) return <Skeleton active style={{ padding: 24 }} />;
  if (ruleSetId === 'new') return <Editor stored={null} />;
  const stored = rules.data.find(({ id }) => id === ruleSetId);
  return stored ? <Editor key={stored.id} stored={stored} /> : <NotFound what="rule set" />;
}

const newPeriod = (): RulePeriod => ({
  ...new RulePeriod(),
  from: todayHere(),
  houses: [{ houses: 'all', digits: [] }],
});

const EMPTY: RuleSet = { format: RULES_FORMAT, district: '', towns: [], periods: [] };

function Editor({ stored }: { stored: StoredRuleSet | null }) {
  const [set, setSet] = useState<RuleSet>(stored?.document ?? { ...EMPTY, periods: [newPeriod()] });
  const [error, setError] = useState<unknown>(null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const { modal } = App.useApp();
  const mayChange = useMayChange();
  const done = async () => {
    await client.invalidateQueries();
    await navigate('/rules');
  };
  const save = async () => {
    try {
      await (stored ? changeRuleSet(stored.id, stored.version, set) : addRuleSet(set));
      await done();
    } catch (trouble) {
      setError(trouble);
    }
  };
  const askToRemove = () =>
    void modal.confirm({
      title: `Take away the rules of ${set.district}?`,
      content: `${stored!.properties === 1 ? '1 home goes' : `${stored!.properties} homes go`} by them, and would go by none.`,
      okText: 'Take them away',
      okButtonProps: { danger: true },
      onOk: async () => {
        await removeRuleSet(stored!.id);
        await done();
      },
    });
  const setPeriod = (index: number, fields: Partial<RulePeriod>) =>
    setSet((before) => ({
      ...before,
      periods: before.periods.map((period, at) =>
        at === index ? { ...period, ...fields } : period,
      ),
    }));
  const faults = new Map(
    error instanceof ApiError
      ? error.places.map(({ path, message }) => [path.replace(/^document\./, ''), message])
      : [],
  );
  return (
    <Page
      title={stored ? stored.document.district : 'New district'}
      crumbs={[{ to: '/rules', name: 'Local rules' }]}
      actions={
        mayChange && (
          <>
            {stored && (
              <Button danger onClick={askToRemove}>
                Take away…
              </Button>
            )}
            <Button type="primary" onClick={() => void save()}>
              Save the rules
            </Button>
          </>
        )
      }
    >
      {error !== null && (
        <Alert
          type="error"
          showIcon
          title={
            faults.size > 0
              ? `${counted(faults.size, 'field')} to mend; nothing was saved.`
              : troubleInWords(error)
          }
        />
      )}
      <div className="form-grid">
        <Field label="District" fault={faults.get('district')}>
          {(id) => (
            <Input
              id={id}
              autoFocus
              value={set.district}
              onChange={(event) => setSet({ ...set, district: event.target.value })}
            />
          )}
        </Field>
        <Field label="Towns for which it is offered" fault={faultUnder(faults, 'towns')}>
          {(id) => (
            <Select
              id={id}
              mode="tags"
              value={set.towns}
              open={false}
              tokenSeparators={[',']}
              onChange={(towns) => setSet({ ...set, towns })}
            />
          )}
        </Field>
      </div>
      {set.periods.map((period, index) => (
        <PeriodEditor
          key={index}
          period={period}
          path={`periods[${index}]`}
          faults={faults}
          onChange={(fields) => setPeriod(index, fields)}
          onRemove={() => setSet({ ...set, periods: set.periods.filter((_, at) => at !== index) })}
        />
      ))}
      <Button
        icon={<PlusOutlined />}
        style={{ justifySelf: 'start' }}
        onClick={() => setSet({ ...set, periods: [...set.periods, newPeriod()] })}
      >
        Add a period
      </Button>
      <Caution>
        Enter the rule as it is written, with its source. Check it with the water supplier; keeping
        it is the owner&apos;s.
      </Caution>
    </Page>
  );
}

const faultUnder = (faults: ReadonlyMap<string, string>, path: string): string | undefined =>
  [...faults].find(([place]) => place.startsWith(path))?.[1];

interface FieldProps {
  readonly label: string;
  readonly fault?: string | undefined;
  readonly children: (id: string) => ReactNode;
}

/** A labelled field, with what is wrong with it below. */
function Field({ label, fault, children }: FieldProps) {
  const id = useId();
  return (
    <div className="rule-field">
      <label htmlFor={id}>{label}</label>
      {children(id)}
      {fault && (
        <span className="field-fault" role="alert">
          {fault}
        </span>
      )}
    </div>
  );
}

interface PeriodEditorProps {
  readonly period: RulePeriod;
  readonly path: string;
  readonly faults: ReadonlyMap<string, string>;
  readonly onChange: (fields: Partial<RulePeriod>) => void;
  readonly onRemove: () => void;
}

const WEEKDAY_OPTIONS = WEEKDAYS.map((label, index) => ({ label, value: index + 1 }));

function PeriodEditor({ period, path, faults, onChange, onRemove }: PeriodEditorProps) {
  const { from, season, houses, noWater, exempt, words, source } = period;
  const setHouse = (index: number, fields: Partial<HouseRule>) =>
    onChange({ houses: houses.map((one, at) => (at === index ? { ...one, ...fields } : one)) });
  const setHours = (index: number, fields: Partial<DailyHours>) =>
    onChange({ noWater: noWater.map((one, at) => (at === index ? { ...one, ...fields } : one)) });
  return (
    <section className="sheet" aria-label={`Period from ${from}`}>
      <h2>
        Holds from {from}
        <Button size="small" icon={<DeleteOutlined />} onClick={onRemove}>
          Take out
        </Button>
      </h2>
      <div className="form-grid">
        <Field label="From" fault={faults.get(`${path}.from`)}>
          {(id) => (
            <input
              id={id}
              type="date"
              className="date-input"
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
            <span className="rule-season">
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
      <h3>
        Days <span className="soft">(no weekday ticked: every weekday)</span>
      </h3>
      {houses.map((house, index) => (
        <div key={index} className="rule-house">
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
              } as Partial<HouseRule>)
            }
          />
          <Select
            aria-label="Dates allowed"
            value={house.dateParity ?? 'any'}
            style={{ width: 130 }}
            options={[
              { value: 'any', label: 'any date' },
              { value: 'odd', label: 'odd dates' },
              { value: 'even', label: 'even dates' },
            ]}
            onChange={(parity) =>
              setHouse(index, {
                dateParity: parity === 'any' ? undefined : parity,
              } as Partial<HouseRule>)
            }
          />
          <Button
            size="small"
            icon={<DeleteOutlined />}
            aria-label="Take out this line"
            onClick={() => onChange({ houses: houses.filter((_, at) => at !== index) })}
          />
          {faults.get(`${path}.houses[${index}].digits`) && (
            <span className="field-fault" role="alert">
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
      <h3>Hours when nothing may water</h3>
      {noWater.map((hours, index) => (
        <div key={index} className="rule-house">
          <input
            type="time"
            className="date-input"
            aria-label="Never from"
            value={hours.from}
            onChange={(event) => setHours(index, { from: event.target.value })}
          />
          <span>to</span>
          <input
            type="time"
            className="date-input"
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
            <span className="field-fault" role="alert">
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
      <div className="form-grid" style={{ marginTop: 12 }}>
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
const seasonOf = (from: string, to: string): Partial<RulePeriod> =>
  ({ season: from === '' && to === '' ? undefined : { from, to } }) as Partial<RulePeriod>;

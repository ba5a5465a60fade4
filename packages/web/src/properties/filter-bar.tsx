import { useQuery } from '@tanstack/react-query';
import { DUE_KINDS } from '@water-clock/core/dues';
import { REASON_KINDS } from '@water-clock/core/standing';
import { Button, Select } from 'antd';
import type { PropertySearch } from '../api/properties';
import { rulesQuery } from '../api/rules';
import { peopleQuery } from '../api/session';
import { timerTypesQuery } from '../api/timer-types';
import { DUE_NAMES, REASON_NAMES } from '../timer-records/reason-names';
import styles from './properties-page.module.css';

type Filters = Pick<PropertySearch, 'reason' | 'due' | 'ruleSetId' | 'timerTypeId' | 'personId'>;

interface FilterBarProps {
  readonly search: Filters;
  readonly onChange: (to: Filters) => void;
  readonly onClear: () => void;
}

interface Option {
  readonly value: string;
  readonly label: string;
}

/** Which homes are listed: by what their timers need, by what is due, by district, timer type or person. */
export function FilterBar({ search, onChange, onClear }: FilterBarProps) {
  const rules = useQuery(rulesQuery);
  const types = useQuery(timerTypesQuery);
  const people = useQuery(peopleQuery);
  return (
    <div className={styles['properties-search']} role="group" aria-label="Only properties">
      <OneFilter
        label="With timers that need"
        value={search.reason}
        options={REASON_KINDS.map((value) => ({ value, label: REASON_NAMES[value] }))}
        onChange={(value) => onChange({ reason: REASON_KINDS.find((kind) => kind === value) })}
      />
      <OneFilter
        label="Due in four weeks"
        value={search.due}
        options={DUE_KINDS.map((value) => ({ value, label: DUE_NAMES[value] }))}
        onChange={(value) => onChange({ due: DUE_KINDS.find((kind) => kind === value) })}
      />
      <OneFilter
        label="District"
        value={search.ruleSetId}
        options={(rules.data ?? []).map(({ id, document }) => ({
          ...{ value: id, label: document.district },
        }))}
        onChange={(ruleSetId) => onChange({ ruleSetId })}
      />
      <OneFilter
        label="Timer type"
        value={search.timerTypeId}
        options={(types.data ?? []).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(timerTypeId) => onChange({ timerTypeId })}
      />
      <OneFilter
        label="Person"
        value={search.personId}
        options={(people.data ?? []).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(personId) => onChange({ personId })}
      />
      <Button onClick={onClear}>No filter</Button>
    </div>
  );
}

interface OneFilterProps {
  readonly label: string;
  readonly value: string | undefined;
  readonly options: readonly Option[];
  readonly onChange: (value: string | undefined) => void;
}

const OneFilter = ({ label, value, options, onChange }: OneFilterProps) => (
  <Select
    aria-label={label}
    placeholder={label}
    allowClear
    style={{ minWidth: 170 }}
    popupMatchSelectWidth={false}
    value={value ?? null}
    options={[...options]}
    onChange={onChange}
  />
);

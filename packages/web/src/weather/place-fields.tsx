import { Input, Select } from 'antd';
import { Field, faultUnder } from '../ui/field';
import type { Draft } from './draft';
import { NumberInput } from '../ui/number-input';
import pageStyles from '../ui/page.module.css';

interface PlaceFieldsProps {
  readonly draft: Draft;
  readonly faults: ReadonlyMap<string, string>;
  readonly isLocked: boolean;
  readonly change: (fields: Partial<Draft>) => void;
}

/** Where the weather was read, and for which towns it is. */
export function PlaceFields({ draft, faults, isLocked, change }: PlaceFieldsProps) {
  return (
    <div className={pageStyles['form-grid']}>
      <Field label="Where it was read" fault={faults.get('name')}>
        {(id) => (
          <Input
            id={id}
            disabled={isLocked}
            value={draft.name}
            onChange={(event) => change({ name: event.target.value })}
          />
        )}
      </Field>
      <Field
        label="Latitude, degrees"
        hint="South is below 0. The sun's strength goes by it."
        fault={faults.get('latitude') && 'Must be a number from −90 to 90'}
      >
        {(id) => (
          <NumberInput
            id={id}
            least={-90}
            most={90}
            disabled={isLocked}
            value={draft.latitude}
            onChange={(latitude) => change({ latitude })}
            onEmpty={() => change({ latitude: null })}
          />
        )}
      </Field>
      <Field label="Towns for which it is offered" fault={faultUnder(faults, 'towns')}>
        {(id) => (
          <Select
            id={id}
            mode="tags"
            disabled={isLocked}
            value={draft.towns}
            open={false}
            tokenSeparators={[',']}
            onChange={(towns) => change({ towns })}
          />
        )}
      </Field>
    </div>
  );
}

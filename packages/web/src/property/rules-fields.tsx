import { houseNumberOf } from '@water-clock/core/local-rules';
import type { SupplySource } from '@water-clock/core/settings';
import { WEEKDAYS } from '@water-clock/core/words';
import { Checkbox, Form, Select } from 'antd';
import { Link } from 'react-router';
import type { PropertyFields } from '../api/properties';
import type { StoredRuleSet } from '../api/rules';
import type { WeatherListing } from '../api/weather';
import { Caution } from '../ui/page';
import { ruleWords } from './town-offers';
import pageStyles from '../ui/page.module.css';

interface RulesFieldsProps {
  readonly rules: readonly StoredRuleSet[];
  readonly weather: readonly WeatherListing[];
}

/** By which rules, weather and mowing a home is watered, as fields of a form. */
export function RulesFields({ rules, weather }: RulesFieldsProps) {
  const form = Form.useFormInstance<PropertyFields>();
  const source = Form.useWatch<SupplySource | null>('supplySource', form);
  const address = Form.useWatch<string | undefined>('address', form) ?? '';
  const ruleSetId = Form.useWatch<string | null>('ruleSetId', form);
  const weatherId = Form.useWatch<string | null>('weatherId', form);
  const set = rules.find(({ id }) => id === ruleSetId);
  return (
    <section
      className={pageStyles['sheet']}
      aria-labelledby="rules-heading"
      style={{ marginTop: 14 }}
    >
      <h2 id="rules-heading">Rules, weather and mowing</h2>
      <div className={pageStyles['form-grid']}>
        <Form.Item
          name="ruleSetId"
          label="Local watering rules"
          extra={
            rules.length > 0 ? (
              (ruleWords(set, { number: houseNumberOf(address), supply: source ?? null }) ??
              (set ? undefined : 'Not known: check with the water supplier.'))
            ) : (
              <>
                Your firm has no rules yet. <Link to="/rules/new">Enter the district&apos;s</Link>
              </>
            )
          }
        >
          <Select
            allowClear
            placeholder="not known"
            options={rules.map(({ id, document }) => ({
              value: id,
              label: document.district,
            }))}
            onClear={() => form.setFieldValue('ruleSetId', null)}
          />
        </Form.Item>
        <Form.Item
          name="weatherId"
          label="Weather"
          extra={
            weather.length === 0 ? (
              <>
                Your firm has no weather yet. <Link to="/weather/new">Enter some</Link>
              </>
            ) : (
              !weatherId && 'Without it, needs by measurement have no answer.'
            )
          }
        >
          <Select
            allowClear
            placeholder="not known"
            options={weather.map(({ id, name }) => ({ value: id, label: name }))}
            onClear={() => form.setFieldValue('weatherId', null)}
          />
        </Form.Item>
        <Form.Item name="mowingWeekdays" label="Mowing days">
          <Checkbox.Group options={WEEKDAYS.map((label, index) => ({ label, value: index + 1 }))} />
        </Form.Item>
        <Form.Item
          name="isDryBeforeMowing"
          valuePropName="checked"
          label="Before mowing"
          extra="Soft ground marks under a heavy mower. Plans and findings keep those days dry."
        >
          <Checkbox>Keep the day before dry too</Checkbox>
        </Form.Item>
      </div>
      <Caution>
        Rules change: check with the water supplier. Keeping them, and a fine, is the owner&apos;s.
      </Caution>
    </section>
  );
}

import { LANGUAGE_NAMES } from '@water-clock/core/household-words';
import { HOUSEHOLD_LANGUAGES } from '@water-clock/core/property-file';
import { AutoComplete, Form, Input, Select } from 'antd';
import { FormNumber } from '../ui/number-input';
import { TimeZoneSelect } from './property-inputs';
import { startsWith } from './town-offers';
import pageStyles from '../ui/page.module.css';

/** Whose home it is, and where, as fields of a form; towns that the firm knows are offered. */
export function WhoFields({ towns }: { towns: readonly string[] }) {
  return (
    <section className={pageStyles['sheet']} aria-labelledby="who-heading">
      <h2 id="who-heading">Who and where</h2>
      <div className={pageStyles['form-grid']}>
        <Form.Item name="name" label="Name of the home">
          <Input autoFocus maxLength={200} />
        </Form.Item>
        <Form.Item name="address" label="House number and street">
          <Input maxLength={300} />
        </Form.Item>
        <Form.Item name="town" label="Town">
          <AutoComplete
            options={towns.map((value) => ({ value }))}
            showSearch={{ filterOption: startsWith }}
          />
        </Form.Item>
        <Form.Item name="contactName" label="Contact">
          <Input maxLength={200} />
        </Form.Item>
        <Form.Item name="contactPhone" label="Telephone">
          <Input maxLength={100} inputMode="tel" />
        </Form.Item>
        <Form.Item name="contactEmail" label="E-mail">
          <Input maxLength={300} inputMode="email" />
        </Form.Item>
        <Form.Item name="language" label="The household reads">
          <Select
            options={HOUSEHOLD_LANGUAGES.map((value) => ({
              value,
              label: LANGUAGE_NAMES[value],
            }))}
          />
        </Form.Item>
      </div>
      <Form.Item name="gateNotes" label="For the gate: how one gets in, where the timer hangs">
        <Input.TextArea autoSize={{ minRows: 1, maxRows: 5 }} maxLength={2000} />
      </Form.Item>
      <div className={pageStyles['form-grid']}>
        <Form.Item name="timeZone" label="Time zone">
          <TimeZoneSelect />
        </Form.Item>
        <Form.Item name="latitude" label="Latitude, for sunrise">
          <FormNumber least={-90} most={90} />
        </Form.Item>
        <Form.Item name="longitude" label="Longitude">
          <FormNumber least={-180} most={180} />
        </Form.Item>
      </div>
    </section>
  );
}

import { FROSTS, SUPPLY_SOURCES, type SupplySource } from '@water-clock/core/settings';
import { Form, Select } from 'antd';
import type { PropertyFields } from '../api/properties';
import { FROST_NAMES } from '../format/frost-names';
import { SUPPLY_NAMES } from '../format/supply-names';
import { useQuantity, useSignedIn } from '../session/use-signed-in';
import { QuantityItem } from './property-inputs';
import { SupplyCautions } from './supply';
import pageStyles from '../ui/page.module.css';

/** What water a home has, as fields of a form. */
export function SupplyFields() {
  const form = Form.useFormInstance<PropertyFields>();
  const source = Form.useWatch<SupplySource | null>('supplySource', form);
  const { firm } = useSignedIn();
  return (
    <section
      className={pageStyles['sheet']}
      aria-labelledby="supply-heading"
      style={{ marginTop: 14 }}
    >
      <h2 id="supply-heading">Water supply</h2>
      <div className={pageStyles['form-grid']}>
        <Form.Item name="supplySource" label="Water comes from">
          <Select
            allowClear
            placeholder="not known"
            options={SUPPLY_SOURCES.map((value) => ({ value, label: SUPPLY_NAMES[value] }))}
            onClear={() => form.setFieldValue('supplySource', null)}
          />
        </Form.Item>
        <Form.Item name="frost" label="It freezes there">
          <Select
            allowClear
            placeholder="not known"
            options={FROSTS.map((value) => ({ value, label: FROST_NAMES[value] }))}
            onClear={() => form.setFieldValue('frost', null)}
          />
        </Form.Item>
        <QuantityItem name="supplyLpm" label="Flow it can give" quantity={useQuantity('flow')} />
        <QuantityItem name="supplyKpa" label="Pressure" quantity={useQuantity('pressure')} />
        <QuantityItem
          name="waterPrice"
          label={`Price of water in ${firm.currency}`}
          quantity={useQuantity('waterPrice')}
        />
      </div>
      <SupplyCautions source={source ?? null} />
    </section>
  );
}

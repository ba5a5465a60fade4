import { Dropdown, type MenuProps } from 'antd';
import { memo } from 'react';
import type { ProgramSettings } from '@water-clock/core/settings';
import { programTint } from '../board/program-tint';
import { setProgram, type PlanEdit } from '@water-clock/core/settings';
import { FIELDS } from '../state/fields';
import gridTableStyles from '../../ui/grid-table.module.css';

interface ProgramHeadProps {
  readonly label: string;
  readonly order: number;
  readonly program: ProgramSettings;
  /** How many stations the timer can have open at once. */
  readonly most: number;
  readonly onEdit: (edit: PlanEdit) => void;
}

/** The letter over a program's column, and what can be done with the program as a whole. */
export const ProgramHead = memo(function ProgramHead(props: ProgramHeadProps) {
  const { label, order, program, most, onEdit } = props;
  const atOnce = program.concurrent;
  const items: MenuProps['items'] = [
    {
      key: 'switch',
      label: program.enabled ? `Switch program ${label} off` : `Switch program ${label} on`,
    },
    ...Array.from({ length: most > 1 ? most : 0 }, (_, index) => ({
      key: `concurrent ${index + 1}`,
      label: index === 0 ? 'One station at a time' : `Up to ${index + 1} stations at once`,
      disabled: program.concurrent === index + 1,
    })),
    { key: 'clear', label: `Clear program ${label}`, danger: true },
  ];
  const onClick: MenuProps['onClick'] = ({ key }) => {
    if (key === 'switch') onEdit(setProgram(label, { enabled: !program.enabled }));
    else if (key === 'clear')
      onEdit(
        setProgram(label, {
          starts: [],
          runs: [],
          blockedWeekdays: [],
          days: { mode: 'weekdays', weekdays: [] },
        }),
      );
    else onEdit(setProgram(label, { concurrent: Number(key.split(' ')[1]) }));
  };
  return (
    <th scope="col" className={gridTableStyles['program-head']}>
      <Dropdown menu={{ items, onClick }} trigger={['click']}>
        <button
          type="button"
          className={gridTableStyles['cell-button']}
          data-field={FIELDS.program(label)}
          aria-label={`Program ${label}${program.enabled ? '' : ', off'}${atOnce > 1 ? `, up to ${atOnce} stations at once` : ''}`}
        >
          <span
            className={gridTableStyles['program-letter']}
            data-off={!program.enabled}
            style={{ background: programTint(order) }}
          >
            {label}
          </span>
          {!program.enabled && ' off'}
          {atOnce > 1 && ` ×${atOnce}`}
        </button>
      </Dropdown>
    </th>
  );
});

import { clsx } from 'clsx';
import { DownOutlined } from '@ant-design/icons';
import type { YardStation } from '@water-clock/core/yards';
import { Dropdown } from 'antd';
import { removeStation, setStation, type YardEdit } from '@water-clock/core/yards';
import gridTableStyles from '../ui/grid-table.module.css';

interface StationMenuProps {
  readonly station: YardStation;
  readonly isLocked: boolean;
  readonly onEdit: (edit: YardEdit) => void;
  readonly onCopy: () => void;
}

/** A station's number, which opens what can be done with the whole station. */
export function StationMenu({
  station: { number, enabled },
  isLocked,
  onEdit,
  onCopy,
}: StationMenuProps) {
  const items = [
    { key: 'copy', label: 'Copy its facts to other stations…' },
    { key: 'switch', label: enabled ? 'Switch this station off' : 'Switch this station on' },
    { key: 'remove', label: 'Remove this station, with its run times', danger: true },
  ];
  const act = (key: string) => {
    if (key === 'copy') onCopy();
    else if (key === 'switch') onEdit(setStation(number, { enabled: !enabled }));
    else onEdit(removeStation(number));
  };
  return (
    <Dropdown
      trigger={['click']}
      disabled={isLocked}
      menu={{ items, onClick: ({ key }) => act(key) }}
    >
      <button
        type="button"
        className={clsx(gridTableStyles['cell-button'], 'figures')}
        aria-label={`Station ${number}${enabled ? '' : ', off'}: what to do`}
      >
        {number} <DownOutlined aria-hidden="true" style={{ fontSize: 9 }} />
      </button>
    </Dropdown>
  );
}

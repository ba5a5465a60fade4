import { WarningFilled } from '@ant-design/icons';
import type { Costs } from '@water-clock/core/proposals';
import { counted } from '@water-clock/core/words';
import { Radio } from 'antd';
import type { Offer } from '@water-clock/core/proposals';
import { useQuantity, useSay } from '../../session/use-signed-in';
import { shownAmount } from '../../format/quantities';
import { ALTERNATIVE_NAMES, changeWords, COST_ROWS } from './offer-words';
import styles from './plan-work.module.css';

interface OffersTableProps {
  readonly now: Costs;
  /** The timer has a season percentage. */
  readonly hasPercent: boolean;
  readonly offers: readonly Offer[];
  readonly chosen: string | null;
  readonly onChoose: (key: string) => void;
}

/** Plans side by side with what is set now: what each costs. */
export function OffersTable({ now, hasPercent, offers, chosen, onChoose }: OffersTableProps) {
  const say = useSay();
  const volume = useQuantity('volume');
  const water = ({ weeklyLitres }: Costs): string =>
    weeklyLitres === null
      ? 'flow not known'
      : `${Number(shownAmount(weeklyLitres, volume)).toLocaleString('en-GB')} ${volume.label}`;
  const rows = [
    ...COST_ROWS.filter(({ name }) => hasPercent || !name.startsWith('no collision')),
    { name: 'water a week', text: water },
  ];
  return (
    <table className={styles['offers']} aria-label="Plans side by side">
      <thead>
        <tr>
          <td />
          <th scope="col">Set now</th>
          {offers.map(({ key, alternative, change, faults }) => (
            <th key={key} scope="col" data-chosen={key === chosen}>
              <Radio checked={key === chosen} onChange={() => onChoose(key)}>
                {change ? say(changeWords(change)) : ALTERNATIVE_NAMES[alternative]}
              </Radio>
              {faults.length > 0 && (
                <small className={styles['offer-faults']}>
                  <WarningFilled aria-hidden="true" /> {counted(faults.length, 'finding')} left
                </small>
              )}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ name, text }) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>{say(text(now))}</td>
            {offers.map(({ key, costs }) => (
              <td key={key} data-chosen={key === chosen}>
                {say(text(costs))}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

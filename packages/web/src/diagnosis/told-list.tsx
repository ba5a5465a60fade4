import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useSay } from '../session/use-signed-in';
import type { Told } from './story';
import { toldWords, type StationName } from './told-words';
import styles from './diagnosis.module.css';

interface ToldListProps {
  readonly told: readonly Told[];
  readonly stations: readonly StationName[];
  readonly onChoose: (id: string) => void;
  readonly onRemove: (id: string) => void;
}

/** All that was told, in words and in the order of time. */
export function ToldList({ told, stations, onChoose, onRemove }: ToldListProps) {
  const say = useSay();
  if (told.length === 0) return null;
  return (
    <ul className={styles['told']} aria-label="What was told">
      {told.map((one) => {
        const words = say(toldWords(one, stations));
        return (
          <li key={one.id}>
            <Button type="text" onClick={() => onChoose(one.id)}>
              {words}
            </Button>
            <Button
              type="text"
              icon={<DeleteOutlined />}
              aria-label={`Take away: ${words}`}
              onClick={() => onRemove(one.id)}
            />
          </li>
        );
      })}
    </ul>
  );
}

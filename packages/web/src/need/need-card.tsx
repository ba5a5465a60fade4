import { clsx } from 'clsx';
import type { School } from '@water-clock/core/yards';
import type { YardNeeds } from '@water-clock/core/needs';
import { Segmented } from 'antd';
import { differenceShare, differenceWords, SCHOOL_NAMES } from '../yard/need-words';
import { NUMBER_NAMES, NumberCell, schoolNumbers } from './need-numbers';
import { useTelling, type TellingOfYard } from './use-telling';
import gridTableStyles from '../ui/grid-table.module.css';
import styles from './need-page.module.css';

interface NeedCardProps {
  readonly row: YardNeeds['rows'][number];
  readonly yardSchool: School;
  readonly telling: TellingOfYard;
  readonly isLocked: boolean;
  readonly onTake: (station: number, school: School) => void;
}

const SCHOOLS = ['minute', 'measurement'] as const;

/** One station's need: what both schools say of it, and which is taken. */
export function NeedCard({ row, yardSchool, telling, isLocked, onTake }: NeedCardProps) {
  const { station, need } = row;
  const told = useTelling(telling)(station, need);
  const said = SCHOOLS.map((school) => schoolNumbers(told, school));
  const isTaken = (school: School) => told.need.taken === school;
  return (
    <section aria-label={`Need of station ${station.number}`}>
      <table
        className={clsx(gridTableStyles['settings-grid'], styles['need-table'], styles['card'])}
        aria-label="Both schools"
      >
        <thead>
          <tr>
            <td />
            {SCHOOLS.map((school) => (
              <th key={school} scope="col" className={gridTableStyles['column-name']}>
                {SCHOOL_NAMES[school]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {NUMBER_NAMES.map((title, index) => (
            <tr key={title}>
              <th scope="row">{title}</th>
              {SCHOOLS.map((school, at) => {
                const numbers = said[at]!;
                if (typeof numbers !== 'string')
                  return (
                    <NumberCell
                      key={school}
                      {...numbers[index]!}
                      isReached
                      isTaken={isTaken(school)}
                    />
                  );
                return (
                  index === 0 && (
                    <td key={school} rowSpan={NUMBER_NAMES.length} className={styles['need-none']}>
                      {numbers}
                    </td>
                  )
                );
              })}
            </tr>
          ))}
          <tr>
            <th scope="row">measured</th>
            <td colSpan={2} className="figures">
              {differenceWords(need)} <small>{differenceShare(need)}</small>
            </td>
          </tr>
        </tbody>
      </table>
      <Segmented<School>
        block
        aria-label={`Station ${station.number}: taken`}
        disabled={isLocked}
        value={station.school ?? yardSchool}
        options={SCHOOLS.map((school) => ({
          value: school,
          label: `Take ${SCHOOL_NAMES[school]}`,
        }))}
        onChange={(school) => onTake(station.number, school)}
      />
    </section>
  );
}

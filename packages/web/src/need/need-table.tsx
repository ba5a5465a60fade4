import { clsx } from 'clsx';
import type { StationNeed } from '@water-clock/core/needs';
import type { School, YardStation } from '@water-clock/core/yards';
import { Segmented } from 'antd';
import { useQuantity } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import { differenceShare, differenceWords, rateWhy, type NeedTelling } from '../yard/need-words';
import type { YardNeeds } from '@water-clock/core/needs';
import { NUMBER_NAMES, NumberCell, schoolNumbers } from './need-numbers';
import { useTelling, type TellingOfYard } from './use-telling';
import styles from './need-page.module.css';
import gridTableStyles from '../ui/grid-table.module.css';
import pageStyles from '../ui/page.module.css';

interface NeedTableProps {
  readonly rows: YardNeeds['rows'];
  readonly yardSchool: School;
  readonly chosen: number;
  readonly telling: TellingOfYard;
  readonly isLocked: boolean;
  readonly onChoose: (station: number) => void;
  readonly onTake: (station: number, school: School) => void;
}

/** One row a station: both schools side by side, their difference, and which is taken. */
export function NeedTable(props: NeedTableProps) {
  const { rows, yardSchool, chosen, isLocked, onChoose, onTake } = props;
  const rate = useQuantity('rate');
  const tell = useTelling(props.telling);
  return (
    <div className={styles['need-scroll']}>
      <table
        className={clsx(gridTableStyles['settings-grid'], styles['need-table'])}
        aria-label="Need of every station"
      >
        <thead>
          <tr>
            <th colSpan={2} />
            <th className={gridTableStyles['column-name']}>rate</th>
            <th
              className={clsx(gridTableStyles['column-name'], styles['need-school-head'])}
              colSpan={3}
              scope="colgroup"
            >
              by the minute
            </th>
            <th
              className={clsx(gridTableStyles['column-name'], styles['need-school-head'])}
              colSpan={3}
              scope="colgroup"
            >
              by measurement
            </th>
            <th className={gridTableStyles['column-name']}>measured</th>
            <th className={gridTableStyles['column-name']}>taken</th>
          </tr>
          <tr className={gridTableStyles['subhead']}>
            <th className={gridTableStyles['column-name']} scope="col" aria-label="Station number">
              №
            </th>
            <th className={gridTableStyles['row-name']} scope="col">
              station
            </th>
            <th className={gridTableStyles['column-name']} scope="col">
              {rate.label}
            </th>
            {['minute', 'measurement'].map((school) =>
              NUMBER_NAMES.map((title) => (
                <th
                  key={`${school} ${title}`}
                  className={gridTableStyles['column-name']}
                  scope="col"
                >
                  {title}
                </th>
              )),
            )}
            <th className={gridTableStyles['column-name']} scope="col">
              a week more
            </th>
            <th className={gridTableStyles['column-name']} scope="col">
              for its run time
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ station, need }) => {
            const telling = tell(station, need);
            const isChosen = station.number === chosen;
            const taken = station.school ?? yardSchool;
            return (
              <tr
                key={station.number}
                data-station={station.number}
                aria-selected={isChosen}
                onClick={() => onChoose(station.number)}
              >
                <th scope="row" className={clsx('figures', styles['need-number'])}>
                  {station.number}
                </th>
                <td>
                  <StationButton {...{ station, need, isChosen, onChoose }} />
                </td>
                <NumberCell isReached={isChosen} why={rateWhy(telling)} name="rate">
                  {need.facts.rate ? shownAmount(need.facts.rate.mmPerHour, rate) : '?'}
                  {need.facts.rate?.from === 'head' && (
                    <span title="customary, not measured">*</span>
                  )}
                </NumberCell>
                <SchoolCells {...{ telling, isChosen }} school="minute" />
                <SchoolCells {...{ telling, isChosen }} school="measurement" />
                <td className="figures">
                  {differenceWords(need)}
                  <small>{differenceShare(need)}</small>
                </td>
                <td className={styles['need-take']}>
                  <Segmented<School>
                    size="small"
                    orientation="vertical"
                    aria-label={`Station ${station.number}: taken`}
                    disabled={isLocked}
                    value={taken}
                    options={[
                      { value: 'minute', label: 'minute' },
                      { value: 'measurement', label: 'measured' },
                    ]}
                    onChange={(school) => onTake(station.number, school)}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className={clsx(pageStyles['soft'], styles['need-foot'])}>
        * customary for the head: nothing was measured. Times are to the second, not yet on the
        timer&apos;s steps. Point at a number, or tab to it in the chosen row, to see where it comes
        from.
      </p>
    </div>
  );
}

interface StationButtonProps {
  readonly station: YardStation;
  readonly need: StationNeed;
  readonly isChosen: boolean;
  readonly onChoose: (station: number) => void;
}

function StationButton({ station, need: { facts }, isChosen, onChoose }: StationButtonProps) {
  const { number, name, head } = station;
  const mark = (isAssumed: boolean) => (isAssumed ? '?' : '');
  const { planting, exposure, soil } = facts;
  return (
    <button
      type="button"
      className={styles['need-station']}
      aria-pressed={isChosen}
      onClick={() => onChoose(number)}
    >
      <strong>{name ?? `Station ${number}`}</strong>
      <small>
        {head ?? 'head?'} · {planting.value}
        {mark(planting.isAssumed)} · {soil.value}
        {mark(soil.isAssumed)}
        {exposure.value !== 'full' && ` · ${exposure.value === 'part' ? 'part sun' : 'shade'}`}
      </small>
    </button>
  );
}

interface SchoolCellsProps {
  readonly school: School;
  readonly telling: NeedTelling;
  readonly isChosen: boolean;
}

function SchoolCells({ school, telling, isChosen }: SchoolCellsProps) {
  const said = schoolNumbers(telling, school);
  if (typeof said === 'string')
    return (
      <td colSpan={3} className={styles['need-none']} data-number={`${school} none`}>
        {said}
      </td>
    );
  return said.map((number) => (
    <NumberCell
      key={number.name}
      {...number}
      isReached={isChosen}
      isTaken={telling.need.taken === school}
    />
  ));
}

import { clsx } from 'clsx';
import { Customary } from '@water-clock/core/needs';
import { App, Button } from 'antd';
import { useState } from 'react';
import { sessionQuery, setCustomary } from '../api/session';
import { useWrite } from '../api/use-write';
import { LeaveGuard } from '../ui/leave-guard';
import { CellInput } from '../ui/cell-input';
import { useMayChange, useSignedIn } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';
import gridTableStyles from '../ui/grid-table.module.css';
import listPageStyles from '../ui/list-page.module.css';

const TABLES = [
  { key: 'minutes', title: 'minutes a watering', least: 1, most: 600 },
  { key: 'waterings', title: 'waterings a week', least: 0.1, most: 28 },
] as const;

const textOf = (customary: Customary): string => JSON.stringify(customary);

/** How the firm waters by the minute: in full sun, mid-summer, at 100 %. */
export function CustomaryMinutes() {
  const { firm } = useSignedIn();
  const [table, setTable] = useState(firm.customary);
  const { message } = App.useApp();
  const { write, isWriting } = useWrite('change-customary', setCustomary, {
    touches: [sessionQuery.queryKey],
    isOfFields: true,
  });
  const mayChange = useMayChange();
  const isChanged = textOf(table) !== textOf(firm.customary);
  const save = async (): Promise<boolean> => {
    const done = await write(table);
    if (done) void message.success('Saved.');
    return done !== null;
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="customary">
      <h2 id="customary">
        By the minute
        {mayChange && (
          <Button size="small" onClick={() => setTable(new Customary())}>
            The product&apos;s starting values
          </Button>
        )}
      </h2>
      <p className={pageStyles['soft']}>
        What you usually give, in full sun and mid-summer at 100 %. Shade, sun and season change it
        from there; every station shows it beside what is measured.
      </p>
      <div className={pageStyles['sheets']}>
        {TABLES.map(({ key, title, least, most }) => (
          <table
            key={key}
            className={clsx(gridTableStyles['settings-grid'], listPageStyles['customary'])}
            aria-label={title}
          >
            <thead>
              <tr>
                <th scope="col" className={gridTableStyles['row-name']}>
                  {key === 'minutes' ? 'head' : 'plant'}
                </th>
                <th scope="col" className={gridTableStyles['column-name']}>
                  {title}
                </th>
              </tr>
            </thead>
            <tbody>
              {Object.entries(table[key]).map(([name, value], row) => (
                <tr key={name}>
                  <th scope="row" className={gridTableStyles['row-name']}>
                    {name}
                  </th>
                  <td>
                    <CellInput
                      label={`${name}, ${title}`}
                      field={`${key} ${name}`}
                      text={String(value)}
                      row={row}
                      column={0}
                      disabled={!mayChange}
                      onType={(text) => {
                        const typed = Number(text.trim().replace(',', '.') || NaN);
                        if (!(typed >= least && typed <= most))
                          return `A number, ${least} to ${most}`;
                        setTable({ ...table, [key]: { ...table[key], [name]: typed } });
                        return null;
                      }}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      </div>
      {mayChange && (
        <Button
          type="primary"
          style={{ marginTop: 10 }}
          disabled={!isChanged}
          loading={isWriting}
          onClick={() => void save()}
        >
          {isChanged ? 'Save the table' : 'Saved'}
        </Button>
      )}
      <LeaveGuard isChanged={isChanged && mayChange} save={save} what="The table has" />
    </section>
  );
}

import { choicesId } from './choices-id';
import type { TableOfYard } from './table-of-yard';

/** The words that cells of each column offer. */
export const ColumnChoices = ({ columns }: Pick<TableOfYard, 'columns'>) =>
  columns.map(
    ({ title, choices }) =>
      choices && (
        <datalist key={title} id={choicesId(title)}>
          {choices.map((choice) => (
            <option key={choice} value={choice} />
          ))}
        </datalist>
      ),
  );

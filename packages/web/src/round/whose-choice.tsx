import { Choice } from '../ui/choice';
import type { Whose } from './use-round';

const WHOSE = [
  { value: 'mine', label: 'Mine' },
  { value: 'firm', label: 'The firm’s' },
] as const;

interface WhoseChoiceProps {
  readonly whose: Whose;
  readonly onChange: (whose: Whose) => void;
}

/** Whether one's own work is shown, or all of the firm's. */
export const WhoseChoice = ({ whose, onChange }: WhoseChoiceProps) => (
  <Choice label="Whose" optionType="button" value={whose} options={WHOSE} onChange={onChange} />
);

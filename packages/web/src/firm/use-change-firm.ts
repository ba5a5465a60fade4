import { changeFirm, sessionQuery } from '../api/session';
import { useWrite } from '../api/use-write';

/** One fact of the firm is told beside another that is still on its way: each has a write of its own. */
export const useChangeFirm = () =>
  useWrite('change-firm', changeFirm, { touches: [sessionQuery.queryKey] });

import type { DocumentProblem } from '@water-clock/core/documents';
import type { Result } from '@water-clock/core/kernel';
import { readRuleSet } from '@water-clock/core/local-rules';
import { readPlan } from '@water-clock/core/settings';
import { readPhotoFacts } from '@water-clock/core/photos';
import { readSheet } from '@water-clock/core/sheets';
import { readEntry } from '@water-clock/core/visits';
import { readTelling } from '@water-clock/core/tellings';
import { readWeather } from '@water-clock/core/weather';
import { readYard } from '@water-clock/core/yards';

/** Of an archive's header: what it is, and of which version. */
export const ARCHIVE_FORMAT = 'waterclock.firm/1';

interface ArchivedTable {
  readonly table: string;
  /** By what its rows stand in order, so that the same firm gives the same archive. */
  readonly order: string;
  /** Reads the document of a row, where there is one. */
  readonly read?: (document: unknown) => Result<unknown, readonly DocumentProblem[]>;
  /** How many of its rows are held at once; absent: {@link ROWS_AT_ONCE}. */
  readonly rowsAtOnce?: number;
}

/** As many as are held at once while they are small. */
const ROWS_AT_ONCE = 200;

export const rowsAtOnceOf = (name: string): number =>
  ARCHIVED_TABLES.find(({ table }) => table === name)?.rowsAtOnce ?? ROWS_AT_ONCE;

/** What is in an archive, each table after those that it points to. Ways in are not: accounts, sessions, links to join. */
export const ARCHIVED_TABLES: readonly ArchivedTable[] = [
  { table: 'firms', order: 'id' },
  { table: 'people', order: 'id' },
  { table: 'rule_sets', order: 'id', read: readRuleSet },
  { table: 'weather', order: 'id', read: readWeather },
  { table: 'timer_kinds', order: 'id' },
  { table: 'properties', order: 'id' },
  { table: 'timers', order: 'id' },
  { table: 'timer_settings', order: 'timer_id', read: readPlan },
  { table: 'timer_yards', order: 'timer_id', read: readYard },
  { table: 'copies', order: 'timer_id, number', read: readPlan },
  { table: 'visits', order: 'id' },
  { table: 'visit_entries', order: 'visit_id, number', read: readEntry },
  { table: 'planned_visits', order: 'id' },
  { table: 'jobs', order: 'id' },
  { table: 'due_answers', order: 'id' },
  { table: 'rollouts', order: 'id' },
  { table: 'rollout_timers', order: 'rollout_id, timer_id' },
  { table: 'practice_runs', order: 'id' },
  { table: 'photos', order: 'id', read: readPhotoFacts },
  { table: 'photo_files', order: 'photo_id', rowsAtOnce: 10 },
  { table: 'sheets', order: 'id', read: readSheet },
  { table: 'share_links', order: 'id' },
  { table: 'share_link_photos', order: 'link_id, photo_id' },
  { table: 'tellings', order: 'id', read: readTelling },
  { table: 'removals', order: 'id' },
  { table: 'changes', order: 'id' },
];

/** Tables of a firm that stay behind: ways in, and what is worked out again. */
export const LEFT_BEHIND = ['sessions', 'account_links', 'calendar_links', 'standings'];

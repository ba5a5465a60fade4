import type { DueKind } from '@water-clock/core/dues';
import type { ReasonKind } from '@water-clock/core/standing';

/** What each kind of reason is called where one chooses among them. */
export const REASON_NAMES: Readonly<Record<ReasonKind, string>> = {
  'too-much': 'too much to work out',
  error: 'errors',
  rule: 'rules broken',
  ahead: 'collides later',
  'visit-open': 'visit open',
  percentage: 'percentage',
  'key-in': 'to key in',
  confirm: 'not read back',
  job: 'jobs',
  hold: 'on hold',
};

/** What each kind of due is called where one chooses among them. */
export const DUE_NAMES: Readonly<Record<DueKind, string>> = {
  'season-step': 'season step',
  'clock-change': 'summer time',
  'planned-change': 'change for many homes',
  'rule-change': 'rules change',
  'sensor-back': 'sensor back',
  'hold-ends': 'hold ends',
  look: 'look that it ran',
  battery: 'battery',
  'sensor-test': 'rain sensor',
  filter: 'filter and screen',
  'yearly-check': 'whole check',
  'backflow-test': 'backflow test',
  winter: 'winter shut-down',
  spring: 'spring start',
  'link-ends': 'link ends',
};

/** The names by which the desk's fields are found: an element bears its own as `data-field`. */
export const FIELDS = {
  start: (program: string, startNumber: number) => `start ${startNumber} of ${program}`,
  days: (program: string) => `days of ${program}`,
  percent: (program: string) => `percent of ${program}`,
  program: (program: string) => `program ${program}`,
  minutes: (program: string, station: number) => `minutes of ${station} in ${program}`,
  cycle: (station: number) => `cycle of ${station}`,
  soak: (station: number) => `soak of ${station}`,
  station: (station: number) => `name of ${station}`,
  season: 'season',
  delay: 'delay',
  sensor: 'sensor',
  freezeSensor: 'freeze sensor',
  power: 'power',
  clock: 'clock',
} as const;

const FOCUSABLE = 'input:not(:disabled), button:not(:disabled)';

/** Puts the cursor into a field of the desk; false where it is not there, or takes none. */
export function focusField(name: string): boolean {
  for (const element of document.querySelectorAll<HTMLElement>('[data-field]')) {
    if (element.dataset['field'] !== name) continue;
    const target = element.matches(FOCUSABLE)
      ? element
      : element.querySelector<HTMLElement>(FOCUSABLE);
    target?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    target?.focus();
    return target !== null;
  }
  return false;
}

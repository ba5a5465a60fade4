import { readSeen, type Seen } from '../seen.js';

/** What somebody saw in the week from Monday 1 June 2026 on. */
export function seenOf(seen: readonly object[]): Seen {
  const read = readSeen({
    format: 'waterclock.seen/1',
    ...{ from: '2026-06-01T00:00:00', to: '2026-06-08T00:00:00', seen },
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

import { readSeen } from './seen.js';

const SEEN = {
  ...{ format: 'waterclock.seen/1', from: '2026-06-01T00:00:00', to: '2026-06-08T00:00:00' },
  seen: [{ what: 'watered', from: '2026-06-02T14:10:00', to: null, station: null }],
};
const troubleOf = (fields: object) => {
  const read = readSeen({ ...SEEN, ...fields });
  return read.ok ? [] : read.trouble;
};
const entry = (fields: object) => ({
  seen: [
    {
      ...{ what: 'dry', from: '2026-06-02T14:10:00', to: '2026-06-02T16:00:00', station: 2 },
      ...fields,
    },
  ],
});

it('reads what was seen, with what it leaves out', () => {
  expect(readSeen(SEEN)).toMatchObject({ ok: true, value: { isWhole: false, rain: [] } });
});

it.each([
  ['an unknown field', { why: 'odd' }, 'why'],
  ['another format', { format: 'waterclock.plan/2' }, 'format'],
  ['an end before its begin', { to: '2026-05-31T00:00:00' }, 'to'],
  ['no time at all', { to: '2026-06-01T00:00:00' }, 'to'],
  ['more than a season', { to: '2026-12-01T00:00:00' }, 'to'],
  [
    'rain that ends before it begins',
    { rain: [{ from: '2026-06-02T12:00:00', to: '2026-06-02T11:00:00' }] },
    'rain[0].to',
  ],
  ['a dry time without its end', entry({ to: null }), 'seen[0].to'],
  ['neither wet nor dry', entry({ what: 'damp' }), 'seen[0].what'],
  ['a sighting that ends before it begins', entry({ to: '2026-06-02T14:00:00' }), 'seen[0].to'],
  ['a station that is no number', entry({ station: 'lawn' }), 'seen[0].station'],
  ['an unknown field of a sighting', entry({ who: 'Ann' }), 'seen[0].who'],
  ['a sighting at another time', entry({ from: '2026-05-02T14:10:00' }), 'seen[0].from'],
])('refuses %s at its place', (_, fields, path) => {
  expect(troubleOf(fields).map((one) => one.path)).toContain(path);
});

it('tells all that is wrong at once', () => {
  expect(troubleOf({ format: 'x', isWhole: 'yes', ...entry({ to: null }) })).toHaveLength(3);
});

/** A plan document with one program, and its starts as wanted. */
export const planDocument = (starts = ['04:00'], fields: object = {}) => ({
  format: 'waterclock.plan/2',
  timer: { name: 'Wall timer' },
  stations: [{ number: 1, name: 'Kerb strip' }],
  programs: [
    {
      id: 'A',
      starts,
      days: { mode: 'weekdays', weekdays: [1, 2] },
      runs: [{ station: 1, seconds: 1800 }],
    },
  ],
  ...fields,
});

/** The rules of a made-up district, which homes of its town find by themselves; 3 Elm and 3 Alder Row are odd houses. */
export const DISTRICT_RULES = {
  format: 'waterclock.rules/1',
  district: 'Quillhaven Water District',
  towns: ['Quillhaven'],
  periods: [
    {
      from: '2020-01-01',
      houses: [{ houses: 'odd', weekdays: [1, 3, 5] }],
      noWater: [{ from: '10:00', to: '18:00' }],
      words: 'Odd houses on Mondays, Wednesdays and Fridays.',
      source: 'Made up for the test',
    },
  ],
};

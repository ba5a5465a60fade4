/** The watering rules of the made-up town. */
export const DEMO_RULES = {
  format: 'waterclock.rules/1',
  district: 'Quillhaven Water District',
  towns: ['Quillhaven'],
  periods: [
    {
      from: '2025-05-01',
      season: { from: '05-01', to: '09-30' },
      houses: [
        { houses: 'odd', weekdays: [1, 3, 5, 7] },
        { houses: 'even', weekdays: [2, 4, 6, 7] },
      ],
      noWater: [{ from: '10:00', to: '18:00' }],
      exempt: ['drip', 'bubbler', 'micro'],
      words:
        'From May to September lawns are watered on four days a week by house number, and never between 10 in the morning and 6 in the evening. Drip is exempt.',
      source: 'Made up for the demo: notice 7 of the district, spring 2025',
    },
    {
      from: '2025-05-01',
      season: { from: '10-01', to: '04-30' },
      houses: [{ houses: 'all' }],
      words: 'From October to April there are no set days.',
      source: 'Made up for the demo: notice 7 of the district, spring 2025',
    },
  ],
};

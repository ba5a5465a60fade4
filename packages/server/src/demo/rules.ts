/** The watering rules of the made-up town. */
const QUILLHAVEN_RULES = {
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

/** Those of the village across the river: one day a week by house number, and none at midday. */
const SEDGE_FERRY_RULES = {
  format: 'waterclock.rules/1',
  district: 'Sedge Ferry Commons',
  towns: ['Sedge Ferry'],
  periods: [
    {
      from: '2026-04-01',
      season: { from: '04-01', to: '10-31' },
      houses: [
        { houses: 'odd', weekdays: [1, 5] },
        { houses: 'even', weekdays: [2, 4] },
      ],
      noWater: [{ from: '09:00', to: '19:00' }],
      exempt: ['drip', 'micro'],
      words:
        'From April to October lawns are watered on two days a week by house number, and never between 9 in the morning and 7 in the evening. Drip is exempt.',
      source: 'Made up for the demo: minutes of the commons, March 2026',
    },
  ],
};

export const DEMO_RULES = [QUILLHAVEN_RULES, SEDGE_FERRY_RULES];

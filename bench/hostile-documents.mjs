/** A brief that takes all the time that a plan may take: stations that want more than the night has. */
export const worstBrief = () => ({
  format: 'waterclock.brief/1',
  from: '2026-06-01',
  timer: { stations: 12 },
  rules: { earliestStart: '01:00', finishBy: '02:10' },
  stations: Array.from({ length: 7 }, (_, index) => ({
    ...{ number: index + 1, head: 'spray' },
    need: { weeklySeconds: 5000, daysPerWeek: [5, 5] },
  })),
});

/** A brief that is planned in no time. */
export const easyBrief = () => ({
  format: 'waterclock.brief/1',
  from: '2026-06-01',
  timer: { stations: 4 },
  rules: { earliestStart: '01:00', finishBy: '05:30' },
  stations: [1, 2].map((number) => ({
    ...{ number, head: 'spray' },
    need: { weeklySeconds: 1800, daysPerWeek: [2, 2] },
  })),
});

const DAYS = 68_000;

/** Days without an end, as many as a body has room for; the last of them is wrong. */
export const longWeather = () => ({
  format: 'waterclock.weather/1',
  name: 'Far hill',
  latitude: 38,
  record: {
    kind: 'daily',
    days: Array.from({ length: DAYS }, (_, day) => ({
      date: new Date(Date.UTC(1900, 0, 1) + day * 86_400_000).toISOString().slice(0, 10),
      lowCelsius: 11.25,
      highCelsius: day === DAYS - 1 ? 0 : 27.75,
      rainMm: day % 5,
    })),
  },
});

const clock = (minutes) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** As many pieces of water a day as settings may have. */
export const worstPlan = () => ({
  format: 'waterclock.plan/2',
  timer: {
    ...{ name: 'Wall timer', stations: 8, startStepMinutes: 1 },
    programs: [...'ABCDEFGH'],
    cycleSoak: { policy: 'in-order' },
  },
  stations: Array.from({ length: 8 }, (_, index) => ({
    ...{ number: index + 1, name: `Bed ${index + 1}`, cycleSeconds: 1, soakSeconds: 1 },
  })),
  programs: Array.from({ length: 8 }, (_, index) => ({
    id: 'ABCDEFGH'[index],
    starts: Array.from({ length: 64 }, (__, start) => clock(start * 22 + index)),
    days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
    runs: [{ station: index + 1, seconds: 38 }],
  })),
});

/** A sheet for the door that nobody could hang up. */
export const wideSheet = (stations) => ({
  format: 'waterclock.sheet/1',
  madeOn: '2026-06-01',
  property: 'Slow wall',
  timer: 'Slow',
  firm: 'Quillhaven Sprinkler Care',
  stations: Array.from({ length: stations }, (_, index) => ({
    number: 1 + (index % 256),
    name: `Bed ${index}`,
    waters: 'Mondays at 04:00',
  })),
});

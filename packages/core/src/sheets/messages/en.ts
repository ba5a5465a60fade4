/** The language of the messages below. */
export const LANGUAGE = 'en-GB';

/** What stands on every sheet as it is. */
export const LABELS = {
  phone: 'phone',
  waters: 'When each station waters',
  station: 'Station',
  when: 'Waters',
  aWeek: 'A week',
  doesNotWater: 'Does not water.',
  mind: 'Mind',
  rules: 'Watering rules',
  thisWeek: 'This week',
  nothing: 'nothing',
  pauseForRain: 'To pause it for rain',
  runOneStation: 'To run one station by hand',
  due: 'What comes next',
  caution:
    'Local watering rules come first. Water on paths is slippery, and freezes. Leave the mains side, and the pump, to a licensed electrician.',
} as const;

export const WEEKDAY_NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
export const MONTH_NAMES = [
  ...['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September'],
  ...['October', 'November', 'December'],
];
export const SHORT_MONTH_NAMES = [
  ...['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun'],
  ...['Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
];

export const HALF_OF_DAY = {
  beforeNoon: 'AM',
  afterNoon: 'PM',
  noon: 'noon',
  midnight: 'midnight',
};

/** Dates and times: the fields of one in the order of the language. */
export const DATE_FORMATS = {
  date: '{weekday} {day} {month}',
  dateOfYear: '{weekday} {day} {month} {year}',
  shortDate: '{weekday} {day} {shortMonth}',
  bar: '{program} {from} to {to}',
  hour24: '{hour}',
  midnight: '12',
  noon: 'noon',
  morning: '{hour} AM',
  afternoon: '{hour} PM',
} as const;

export const HEAD_NAMES = {
  spray: 'spray heads',
  rotary: 'rotary nozzles',
  rotor: 'rotors',
  impact: 'impact heads',
  drip: 'drip',
  bubbler: 'bubblers',
  micro: 'micro sprays',
} as const;

/** Sentences, in the message format of ICU. */
export const MESSAGES = {
  length:
    '{hours, plural, =0 {} other {# h }}{minutes, plural, =0 {} other {# min }}{seconds, plural, =0 {} other {# s}}',
  days: '{mode, select, daily {Every day} weekdays {On {names}} odd {On odd dates} even {On even dates} hours {Every {count, plural, one {hour} other {# hours}}} other {Every {count, plural, one {day} other {# days}}}}',
  notOn: ', not on {names}',
  nextOn: ', next on {dates}',
  time: '{from} to {to}{isNextDay, select, yes { the next day} other {}}',
  waters:
    '{days}, about {times}: {length}{parts, plural, =1 {} other { in # parts}}{starts, plural, =1 {} other { each time}}.',
  seasonOff: 'The timer is switched off: nothing waters.',
  seasonWhole: 'Season percentage: {percent} %.',
  seasonProgram: 'Season percentage by program: {percents}.',
  seasonMonthly: 'Season percentage by month: {percents}.',
  seasonWeather:
    'The weather sets the percentage, day by day, from {least} to {most} %: times are those at 100 %.',
  percent: '{percent} %',
  percentOf: '{of} {percent} %',
  seasonStep: 'Set the season percentage to {percents}',
  seasonStepOff: 'Turn the timer off: no water is wanted',
  unconfirmed:
    '{count, plural, one {One value of {of} was} other {# values of {of} were}} not read off the timer again: what stands here was keyed in.',
  unknown:
    'Nobody has read {count, plural, one {one value} other {# values}} of {of} off the timer: what stands here is what was planned.',
  paused: 'On hold from {from} to {to}: nothing waters then.',
  ordinal: '{day, selectordinal, one {#st} two {#nd} few {#rd} other {#th}}',
  monthDays: 'Never waters on the {days} of a month.',
  noWater:
    'From {from} to {to}{days, select, none {} other { on {days}}} the timer lets nothing water, and what falls into these hours is lost.',
  sensorActive: 'It does not water while the rain sensor is wet.',
  sensorBypass: 'The rain sensor is bypassed: it waters in rain too.',
  freezeActive: 'It does not water while the freeze sensor finds it too cold.',
  freezeBypass: 'The freeze sensor is bypassed: it waters in frost too.',
  ownHours:
    'Program {program} waters only from {from} to {to}{days, select, none {} other { on {days}}}; what falls outside is lost.',
  between: 'Between one station and the next it waits {length}.',
  atOnce: 'Program {program} waters up to {count} stations at once.',
  cycles:
    '{count, plural, one {Station {names} waters} other {Stations {names} water}} in parts of {cycle} at most{soak, select, none {} other {, with {soak} or more between them}}.',
  off: '{count, plural, one {Station {names} is} other {Stations {names} are}} switched off.',
  notForRain:
    '{count, plural, one {Station {names} waters} other {Stations {names} water}} while the rain sensor is wet too.',
  moistureHeld:
    '{count, plural, one {Station {names} waters} other {Stations {names} water}} only while the moisture sensor in the ground lets it.',
  notForFrost:
    '{count, plural, one {Station {names} waters} other {Stations {names} water}} in frost too.',
  pump: 'The pump runs for {count, plural, one {station} other {stations}} {names}.',
  collides:
    'Two runs of the timer meet, first on {date} at {time}, and one is late, cut short or left out. Please phone us.',
  rulesNow: 'Now: {rules}.',
  rulesFrom: 'From {date}: {rules}.',
  rulesOwner: 'Whoever owns the home answers for keeping them, and for any fine.',
  ruleNone: 'no rule of days or hours',
  ruleWeekdays: 'watering on {names} only',
  ruleNoDay: 'no watering at all',
  ruleParity: 'watering on {parity, select, odd {odd} other {even}} dates only',
  ruleHours: 'none from {from} to {to}{days, select, none {} other { on {days}}}',
  ruleExempt: '{heads} spared',
  pauseForRain:
    'Turn the timer off while it rains, and back to run afterwards. What is set stays as it is.',
  runOneStation:
    'Choose manual on the timer, then the station and how long, and start it. It stops by itself.',
  changeBattery: 'Change the battery',
  backupBattery: 'Change the backup battery',
  trySensor: 'Try the rain sensor',
  sensorBack: 'Switch the {sensor, select, rain {rain} other {freeze}} sensor back to active',
  clockForward: 'Summer time begins: put the clock forward',
  clockBack: 'Summer time ends: put the clock back',
} as const;

/** In words that fit any timer, where its kind has none of its own. */
export const GENERAL_WORDS = {
  pauseForRain: MESSAGES.pauseForRain,
  runOneStation: MESSAGES.runOneStation,
};

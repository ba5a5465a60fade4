import ICAL from 'ical.js';

// The package counts without the space that begins a folded line; the standard's 75 bytes have it.
ICAL.foldLength = 74;

export interface PlannedCalendar {
  /** What it is called where it is subscribed to. */
  readonly name: string;
  /** In the order in which they are driven. */
  readonly visits: readonly {
    readonly id: string;
    /** `YYYY-MM-DD`. */
    readonly onDate: string;
    /** Counts the changes. */
    readonly version: number;
    /** ISO 8601 in UTC. */
    readonly madeAt: string;
    readonly address: string;
  }[];
}

/** An iCalendar file (RFC 5545) of planned visits, each an event of a whole day that says where and nothing else. */
export function plannedCalendarText({ name, visits }: PlannedCalendar): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', '-//Water Clock//Planned visits//EN');
  calendar.addPropertyWithValue('calscale', 'GREGORIAN');
  calendar.addPropertyWithValue('x-wr-calname', name);
  for (const { id, onDate, version, madeAt, address } of visits) {
    const event = new ICAL.Component('vevent');
    const day = ICAL.Time.fromDateString(onDate);
    const next = day.clone();
    next.adjust(1, 0, 0, 0);
    event.addPropertyWithValue('uid', `${id}@water-clock`);
    event.addPropertyWithValue(
      'dtstamp',
      ICAL.Time.fromDateTimeString(madeAt.replace(/\.\d+/, '')),
    );
    event.addPropertyWithValue('sequence', version - 1);
    event.addPropertyWithValue('dtstart', day);
    event.addPropertyWithValue('dtend', next);
    event.addPropertyWithValue('summary', address === '' ? 'Visit' : `Visit: ${address}`);
    if (address !== '') event.addPropertyWithValue('location', address);
    event.addPropertyWithValue('transp', 'TRANSPARENT');
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

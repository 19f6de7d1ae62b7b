import ICAL from "ical.js";

export type CalendarEntry = {
  readonly id: string;
  readonly title: string;
  readonly atMs: number;
  readonly text: string;
};

/** Ends of holds as an iCalendar file, each with an alarm a quarter of an hour before. */
export function writeCalendar(entries: readonly CalendarEntry[], houseName: string, nowMs: number): string {
  const calendar = new ICAL.Component("vcalendar");
  calendar.updatePropertyWithValue("prodid", "-//Gaffel//Holds//EN");
  calendar.updatePropertyWithValue("version", "2.0");
  calendar.updatePropertyWithValue("x-wr-calname", `${houseName}: holds`);
  for (const { id, title, atMs, text } of entries) {
    const event = new ICAL.Component("vevent");
    event.updatePropertyWithValue("uid", `${id}@gaffel`);
    event.updatePropertyWithValue("dtstamp", ICAL.Time.fromJSDate(new Date(nowMs), true));
    event.updatePropertyWithValue("dtstart", ICAL.Time.fromJSDate(new Date(atMs), true));
    event.updatePropertyWithValue("duration", ICAL.Duration.fromString("PT15M"));
    event.updatePropertyWithValue("summary", title);
    event.updatePropertyWithValue("description", text);
    const alarm = new ICAL.Component("valarm");
    alarm.updatePropertyWithValue("action", "DISPLAY");
    alarm.updatePropertyWithValue("description", title);
    alarm.updatePropertyWithValue("trigger", ICAL.Duration.fromString("-PT15M"));
    event.addSubcomponent(alarm);
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

// Run in a zone of the machine's own: what the house says of days and hours must not hang on it.
import { dayBounds, todayIn, wallClockMs } from "@/calendar/days";
import { dayText, momentText, timeText } from "@/words/format/format";

const ZONE = "Europe/Oslo";
const MOMENTS = [
  Date.UTC(2026, 2, 29, 0, 59, 59),
  Date.UTC(2026, 2, 29, 1, 0, 1),
  Date.UTC(2026, 9, 25, 0, 30),
  Date.UTC(2026, 9, 25, 1, 30),
  Date.UTC(2026, 11, 31, 23, 30),
];

process.stdout.write(
  JSON.stringify(
    MOMENTS.map((atMs) => {
      const day = todayIn(ZONE, atMs);
      return [
        day,
        dayBounds(day, ZONE),
        wallClockMs(day, 150, 0, ZONE),
        timeText(atMs, ZONE),
        dayText(atMs, ZONE),
        momentText(atMs, 0, ZONE),
      ];
    }),
  ),
);

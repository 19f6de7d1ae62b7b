import { sumOf } from "@/core/numeric";
import { isAnswered, type BinderSection, type OpenPoint } from "@/house/book/binder";
import { calendarDayText, momentText, type Format } from "@/words/format/format";
import { t } from "@/words/trace";
import { speciesName } from "../../stove/clockOf";
import { lineOf } from "../lineOf";

export type SectionText = {
  readonly id: BinderSection["id"];
  readonly title: string;
  readonly answer: string;
  /** Nobody wrote anything that answers it. */
  readonly empty: boolean;
  readonly places: readonly string[];
  readonly open: readonly string[];
  readonly lines: readonly {
    readonly seq: number;
    readonly when: string;
    readonly who: string;
    readonly what: string;
    readonly text: string;
  }[];
};

/** A section of the binder in words, for the screen and for paper alike. */
export function sectionText(section: BinderSection, format: Format, timeZone: string): SectionText {
  const { id, entries, places, open, daysWithout } = section;
  const when = (atMs: number) => momentText(atMs, 0, timeZone);
  const empty = !isAnswered(section);
  const readings = sumOf(places, (one) => one.readings);
  return {
    id,
    title: t("question", { id }),
    answer: empty ? t("nobodyWroteThis") : t("records", { count: entries.length, readings }),
    empty,
    places: places.map(({ name, readings: count, lowestC, highestC, excursions, answered }) =>
      t("placeAnswer", {
        name,
        count,
        lowest: lowestC === null ? "–" : format.temperature(lowestC, 1),
        highest: highestC === null ? "–" : format.temperature(highestC, 1),
        excursions,
        answered,
      }),
    ),
    open: [
      ...open.map((point) => openText(point, format, when)),
      ...(daysWithout.length > 0
        ? [t("daysWithoutALine", { count: daysWithout.length, days: daysWithout.map(calendarDayText).join(", ") })]
        : []),
    ],
    lines: entries.map((entry) => {
      const { seq, who, what, text } = lineOf(entry, format);
      return { seq, when: when(entry.atMs), who, what, text };
    }),
  };
}

function openText(point: OpenPoint, format: Format, when: (atMs: number) => string): string {
  switch (point.kind) {
    case "excursion":
      return t("excursionUnanswered", {
        place: point.place,
        from: when(point.fromMs),
        to: when(point.toMs),
        extreme: format.temperature(point.extremeC, 1),
      });
    case "not-read":
      return t("placeNotRead", { place: point.place, from: when(point.fromMs), to: when(point.toMs) });
    case "never-read":
      return t("placeNeverRead", { place: point.place });
    case "no-tag":
      return t("cameWithoutTag", { code: point.code, fish: speciesName(point.speciesId) });
    case "cooling-not-read":
      return t("coolingNotRead", { code: point.code });
    case "cooled-too-slowly":
      return t("cooledTooSlowly", { code: point.code });
    case "hold-not-met":
      return t("holdNotMet", { code: point.code, hold: point.hold });
  }
}

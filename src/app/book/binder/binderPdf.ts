import type { TDocumentDefinitions } from "pdfmake/interfaces";
import { t } from "@/words/trace";
import type { SectionText } from "./binderText";

/** Lines of one question on paper; the rest stands in the book. */
const MOST_LINES = 300;

type Page = {
  readonly house: string;
  readonly title: string;
  readonly asks: string;
  readonly sections: readonly SectionText[];
  readonly seal: string;
};

/** The binder as the library for papers wants it: plain data, made into pages beside the kitchen. */
export const binderPdf = ({ house, title, asks, sections, seal }: Page): TDocumentDefinitions => ({
  info: { title: `${house}: ${title}`, creator: "Gaffel" },
  pageMargins: [40, 48, 40, 48] as [number, number, number, number],
  defaultStyle: { fontSize: 9.5, lineHeight: 1.2 },
  styles: {
    title: { fontSize: 18, bold: true },
    heading: { fontSize: 13, bold: true, margin: [0, 14, 0, 2] as [number, number, number, number] },
    warn: { bold: true, color: "#a8320f" },
    quiet: { color: "#4a5a5f", fontSize: 8.5 },
  },
  content: [
    { text: house, style: "quiet" },
    { text: title, style: "title" },
    { text: asks, margin: [0, 2, 0, 0] as [number, number, number, number] },
    ...sections.flatMap(({ title: heading, answer, empty, places, open, lines }) => [
      { text: heading, style: "heading" },
      { text: answer, ...(empty ? { style: "warn" } : { bold: true }) },
      ...(places.length > 0 ? [{ ul: [...places] }] : []),
      ...(open.length > 0 ? [{ ul: [...open], style: "warn" }] : []),
      ...(lines.length > 0
        ? [
            {
              table: {
                widths: ["auto", "auto", "auto", "*", "auto"],
                body: lines
                  .slice(0, MOST_LINES)
                  .map(({ seq, when, who, what, text }) => [when, who, what, text, `${seq}`]),
              },
              layout: "lightHorizontalLines",
              fontSize: 8,
              margin: [0, 4, 0, 0] as [number, number, number, number],
            },
          ]
        : []),
      ...(lines.length > MOST_LINES
        ? [{ text: t("moreInTheBook", { count: lines.length - MOST_LINES }), style: "quiet" }]
        : []),
    ]),
    { text: seal, style: "quiet", margin: [0, 18, 0, 0] as [number, number, number, number] },
  ],
});

import Link from "next/link";
import type { PartYield } from "@/core/block";
import page from "@/ui/layout/page.module.css";
import styles from "./Yields.module.css";
import type { Format } from "@/words/format/format";
import { t } from "@/words/block";
import { Source } from "@/ui/layout/Source";
import { Empty } from "@/ui/layout/Empty";

export type YieldLine = {
  readonly key: string;
  readonly title: string;
  /** The part that is sold. */
  readonly main: string;
  readonly times: number;
  readonly expected: readonly [number, number, number];
  readonly parts: readonly (PartYield & {
    readonly label: string;
    readonly range: readonly [number, number, number] | null;
  })[];
  readonly cooks: readonly { readonly name: string; readonly times: number; readonly pct: number | null }[];
  readonly suppliers: readonly { readonly name: string; readonly times: number; readonly pct: number | null }[];
};

type Props = { readonly lines: readonly YieldLine[]; readonly format: Pick<Format, "number"> };

/** Yields on one scale: the range of good animals as a band, the house as a mark. */
export function YieldTable({ lines, format }: Props) {
  if (lines.length === 0)
    return (
      <section className={page.card}>
        <Empty>{t.rich("breakAnAnimalDownAtThe", { link: (words) => <Link href="/block">{words}</Link> })}</Empty>
      </section>
    );
  return (
    <div className={page.stack}>
      {lines.map((line) => (
        <section key={line.key} className={page.card}>
          <h2>
            {line.title}{" "}
            <span className={page.sub}>{line.times === 1 ? t("once") : t("timesTimes", { times: line.times })}</span>
          </h2>
          <ul className={styles.parts}>
            {line.parts.map((part) => (
              <li key={part.partId}>
                <span>{part.label}</span>
                <span className={styles.scale} aria-hidden="true">
                  {part.range ? (
                    <i
                      className={styles.band}
                      style={{ left: `${part.range[0]}%`, width: `${part.range[2] - part.range[0]}%` }}
                    />
                  ) : null}
                  <i
                    className={styles.mark}
                    data-verdict={part.verdict}
                    style={{ left: `${Math.min(99, part.meanPct)}%` }}
                  />
                </span>
                <span className="figure">{format.number(part.meanPct, 1)} %</span>
                <span className={styles.verdict} data-verdict={part.verdict}>
                  {part.verdict}
                  {part.range ? (
                    <span className="muted">
                      {" "}
                      {part.range[0].toFixed(0)}-{part.range[2].toFixed(0)}
                    </span>
                  ) : null}
                </span>
                <span className="muted">{t("countOnHouse", { house: format.number(part.housePct, 1) })}</span>
              </li>
            ))}
          </ul>
          <div className={styles.by}>
            {(["cooks", "suppliers"] as const).map((by) => (
              <p key={by}>
                {t.rich("mainByValueLine", {
                  main: line.main,
                  value: by === "cooks" ? t("cook") : t("supplier"),
                  b: (words) => <b>{words}</b>,
                  line: line[by]
                    .map(
                      ({ name, times, pct }) =>
                        `${name} ${pct === null ? t("notWeighed") : `${format.number(pct, 1)} %`} (${times})`,
                    )
                    .join(", "),
                })}
              </p>
            ))}
          </div>
        </section>
      ))}
      <Source>{t("bandsRangeOfGoodAnimalsEach")}</Source>
    </div>
  );
}

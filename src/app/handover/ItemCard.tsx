import type { HandoverItem } from "@/house/handover";
import page from "@/ui/layout/page.module.css";
import { Row, RowCard } from "@/ui/layout/RowCard";
import { momentText, type Format } from "@/words/format/format";
import { t } from "@/words/handover";
import { titleOf, whatOf } from "./itemWords";

type Props = {
  readonly title: string;
  readonly empty: string;
  readonly items: readonly HandoverItem[];
  readonly owed?: boolean;
  readonly format: Format;
  readonly nowMs: number;
  readonly timeZone: string;
};

/** When hands are needed; what is owed says since when, where that is known. */
function whenOf({ kind, dueAtMs }: HandoverItem, owed: boolean, nowMs: number, timeZone: string): string {
  // what is to be begun says so beside its name
  if (dueAtMs === null || kind === "prep") return "";
  if (!owed) return momentText(dueAtMs, nowMs, timeZone);
  return dueAtMs >= nowMs ? t("now") : t("since", { at: momentText(dueAtMs, nowMs, timeZone) });
}

/** One side of the list: what, what of it, and when hands are needed. */
export function ItemCard({ title, empty, items, owed = false, format, nowMs, timeZone }: Props) {
  return (
    <RowCard
      title={title}
      empty={empty}
      rows={items.map((item) => (
        <Row key={item.key} href={item.href} title={titleOf(item)} sub={whatOf(item, format)}>
          <span className={`figure ${page.right} ${owed ? page.stop : ""}`}>{whenOf(item, owed, nowMs, timeZone)}</span>
        </Row>
      ))}
    />
  );
}

import { HOLD_LABELS, type HoldStatus } from "@/core/coldchain";
import type { HotHoldStatus } from "@/core/safety";
import page from "@/ui/layout/page.module.css";
import { Row, RowCard } from "@/ui/layout/RowCard";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { dayText, timeText, type Format } from "@/words/format/format";
import { t } from "@/words/today";
import { speciesName } from "../stove/clockOf";
import type { todayNow } from "./todayNow";

type Now = ReturnType<typeof todayNow>;
type Clock = (atMs: number) => string;

/** What the clock of a dish that waits hot asks for. */
function hotWord({ state, outAtMs, checkAtMs }: HotHoldStatus, clock: Clock): string {
  if (state === "over") return t("throwItAway");
  return outAtMs === null
    ? t("probeByCheckAt", { checkAt: clock(checkAtMs) })
    : t("outByOutAt", { outAt: clock(outAtMs) });
}

/** When a hold ends, or why it has no end. */
function holdWord({ state, endsMs }: HoldStatus, clock: Clock): string {
  if (state === "due") return t("now");
  return endsMs === null ? t("stopped") : clock(endsMs);
}

function HotRows({ hot, clock }: Pick<Now, "hot"> & { readonly clock: Clock }) {
  if (hot.length === 0) return null;
  return (
    <RowCard
      title={t("heldHot")}
      rows={hot.map(({ id, title, place, lotId, status }) => (
        <Row key={id} href={lotId === null ? "/stove/hold" : "/butter"} title={title} sub={place.toLowerCase()}>
          <b className={status.state === "hot" ? page.right : `${page.right} ${page.stop}`}>{hotWord(status, clock)}</b>
        </Row>
      ))}
    />
  );
}

function PlaceRows({ wanting, format }: Pick<Now, "wanting"> & { readonly format: Format }) {
  const rows = [
    ...wanting.worst.map(({ place, excursion: { state, extremeC }, loss }) => ({
      place,
      text: `${t("alarmOfPlace", { state, extreme: format.temperature(extremeC, 1) })}${
        loss.histamineLots > 0 ? t("lotsOverHistamine", { count: loss.histamineLots }) : ""
      }`,
    })),
    ...wanting.unread.map(({ place }) => ({ place, text: t("noReadingInTime") })),
  ];
  if (rows.length === 0) return null;
  return (
    <RowCard
      title={t("placesThatWantYou")}
      rows={rows.map(({ place, text }) => (
        <Row key={place.id} href={`/ice/places/${place.id}`} title={place.name}>
          <b className={`${page.stop} ${page.right}`}>{text}</b>
        </Row>
      ))}
    />
  );
}

function HoldRows({ holds, shown, clock }: Pick<Now, "holds"> & { readonly shown: number; readonly clock: Clock }) {
  return (
    <RowCard
      title={t("holds")}
      empty={t("nothingIsHeld")}
      rows={holds
        .toSorted((a, b) => (a.status.endsMs ?? 0) - (b.status.endsMs ?? 0))
        .slice(0, shown)
        .map(({ id, lot, hold, status }) => (
          <Row
            key={id}
            href={`/ice/${lot.id}`}
            title={speciesName(lot.speciesId)}
            sub={HOLD_LABELS[hold.kind].toLowerCase()}
          >
            <span className={`figure ${page.right}`}>{holdWord(status, clock)}</span>
          </Row>
        ))}
    />
  );
}

type Props = { readonly now: Now; readonly shown: number; readonly format: Format; readonly timeZone: string };

/** What waits and what came, a few rows of each. */
export function TodayRows({ now, shown, format, timeZone }: Props) {
  const clock: Clock = (atMs) => timeText(atMs, timeZone);
  return (
    <>
      <HotRows hot={now.hot} clock={clock} />
      <PlaceRows wanting={now.wanting} format={format} />
      <HoldRows holds={now.holds} shown={shown} clock={(atMs) => `${dayText(atMs, timeZone)} ${clock(atMs)}`} />
      <RowCard
        title={t("cutAndWaiting2")}
        empty={t("noPortionsAreWaiting")}
        rows={now.batches.slice(0, shown).map(({ id, title, portions, firstG }) => (
          <Row key={id} href={`/stove/${id}`} title={title}>
            <span className="figure">
              {portions} × {format.mass(firstG)}
            </span>
          </Row>
        ))}
      />
      <RowCard
        title={t("atTheDoorSinceYesterday")}
        empty={t("noDeliveryYet")}
        rows={now.arrived.slice(0, shown).map((lot) => (
          <Row
            key={lot.id}
            href={`/ice/${lot.id}`}
            title={speciesName(lot.speciesId)}
            sub={`${lot.supplier}, ${dayText(lot.receivedAtMs, timeZone)}`}
          >
            <VerdictTag verdict={lot.verdict} />
          </Row>
        ))}
      />
    </>
  );
}

import { sumOf } from "@/core/numeric";
import { todayIn } from "@/calendar/days";
import { RULE_SETS } from "@/core/safety";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { headAt } from "@/db/ledger";
import { binderOf } from "@/db/trace/binder";
import { keep } from "@/server/keeper";
import { dayText, formatFor } from "@/words/format/format";
import { t } from "@/words/trace";
import { askedPeriod } from "../../../book/binder/askedPeriod";
import { binderPdf } from "../../../book/binder/binderPdf";
import { sectionText } from "../../../book/binder/binderText";
import { t as api } from "@/words/api";
import { noHouseYet, problem } from "../../problem";

/** The inspector's binder on paper: `?from=YYYY-MM-DD&to=YYYY-MM-DD&rules=ID`. */
export async function GET(request: Request): Promise<Response> {
  const house = findHouse(db());
  if (!house) return noHouseYet();
  const nowMs = houseNowMs();
  const { timeZone, units, currency, decimalMark } = house;
  const format = formatFor(units, currency, decimalMark);
  const asked = Object.fromEntries(new URL(request.url).searchParams);
  const { from, to, fromMs, toMs: endMs, ruleSetId } = askedPeriod(asked, house, todayIn(timeZone, nowMs));
  const toMs = Math.min(endMs, nowMs);
  const sections = binderOf(db(), { fromMs, toMs, ruleSetId, timeZone }).map((one) =>
    sectionText(one, format, timeZone),
  );
  const head = headAt(db(), toMs);
  const page = binderPdf({
    house: house.name,
    title: t("binderOf", { from: dayText(fromMs, timeZone), to: dayText(toMs - 1, timeZone) }),
    asks: t("binderAsks", {
      open: sumOf(sections, ({ open }) => open.length),
      empty: sections.filter(({ empty }) => empty).length,
      rules: RULE_SETS[ruleSetId].label,
    }),
    sections,
    seal: head ? `${t("sealOfBinder", { seq: head.seq, hash: head.hash })} ${t("checkWithoutGaffel")}` : "",
  });
  const made = await keep("pdf", { page });
  if (!made.ok) return problem(503, "", api("noCopyWasMade"));
  return new Response(Uint8Array.from(made.value), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `attachment; filename="binder-${from}-${to}.pdf"`,
      "cache-control": "no-store",
    },
  });
}

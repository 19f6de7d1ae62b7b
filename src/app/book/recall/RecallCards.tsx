import Link from "next/link";
import { plateGroups, type Recall, type RecallPlate } from "@/house/book/recall";
import page from "@/ui/layout/page.module.css";
import { momentText, type Format } from "@/words/format/format";
import { t } from "@/words/trace";
import { PhoneField } from "./PhoneField";
import { PlateGroups, tableText } from "./PlateGroups";
import styles from "./Recall.module.css";

type Props = { readonly found: Recall; readonly format: Format; readonly timeZone: string };

/** What to set apart, whom to call, which plates, and what became of it all. */
export function RecallCards({ found, format, timeZone }: Props) {
  const groups = plateGroups(found.plates);
  const lots = new Map(found.lots.map((lot) => [lot.id, lot]));
  const sure = (certainty: RecallPlate["certainty"]) => groups.filter((group) => group.certainty === certainty);
  return (
    <div className={page.wideRight}>
      <div className={page.stack}>
        <SetApart found={found} format={format} />
        <Call found={found} />
      </div>
      <div className={page.stack}>
        <PlateGroups title={t("certainPlates")} groups={sure("certain")} lots={lots} timeZone={timeZone} />
        <PlateGroups title={t("possiblePlates")} groups={sure("possible")} lots={lots} timeZone={timeZone} />
        <Became found={found} timeZone={timeZone} />
      </div>
    </div>
  );
}

/** What lies in the house still. */
function SetApart({ found: { lots, pieces, holds }, format }: Pick<Props, "found" | "format">) {
  const here = lots.filter(({ leftG }) => leftG > 0);
  const codeOf = new Map(lots.map(({ id, code }) => [id, code]));
  return (
    <section className={page.card} aria-label={t("setApart")} data-testid="set-apart">
      <h2>{t("setApart")}</h2>
      {here.length + pieces.length === 0 ? <p className={page.sub}>{t("nothingLiesHere")}</p> : null}
      <ul className={styles.codes}>
        {here.map(({ id, code, name, part, leftG, placeName, certainty }) => (
          <li key={id}>
            <Link href={`/book/lot/${id}`} className="figure">
              {code}
            </Link>
            <div>
              <b>{[name, part].filter(Boolean).join(", ")}</b>
              <p>
                {t("lotLies", { mass: format.mass(leftG), place: placeName ?? t("withoutPlace") })}
                {certainty === "possible" ? `, ${t("possibly")}` : ""}
              </p>
            </div>
          </li>
        ))}
        {pieces.map(({ batchCode, pieces: count, massG, certainty }) => (
          <li key={batchCode}>
            <span className="figure">{batchCode}</span>
            <p>
              {t("piecesOf", { pieces: count, code: batchCode, mass: format.mass(massG) })}
              {certainty === "possible" ? `, ${t("possibly")}` : ""}
            </p>
          </li>
        ))}
      </ul>
      {holds.length > 0 ? (
        <>
          <h3>{t("holdsOfIt")}</h3>
          <ul className={styles.codes}>
            {holds.map(({ lotId, label, closedAs }) => (
              <li key={`${lotId}${label}`}>
                <span className="figure">{codeOf.get(lotId)}</span>
                <span>
                  {label}: {closedAs ?? t("holdIsOpen")}
                </span>
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </section>
  );
}

/** Suppliers by telephone, guests by table and name. */
function Call({ found: { suppliers, plates } }: Pick<Props, "found">) {
  const tablesOf = (certainty: RecallPlate["certainty"]) => [
    ...new Set(
      plates.flatMap((plate) =>
        plate.certainty === certainty && plate.table !== null
          ? [tableText({ table: plate.table, guest: plate.guest })]
          : [],
      ),
    ),
  ];
  return (
    <section className={page.card} aria-label={t("whoIsCalled")} data-testid="call">
      <h2>{t("whoIsCalled")}</h2>
      {suppliers.map(({ name, phone }) => (
        <div key={name} className={page.below}>
          <p>
            <b>{name}</b>, {phone ? <a href={`tel:${phone.replace(/[^\d+]/g, "")}`}>{phone}</a> : t("noPhone")}
          </p>
          {phone ? null : <PhoneField name={name} />}
        </div>
      ))}
      <h3>{t("guests")}</h3>
      <p>{tablesOf("certain").join("; ") || t("nobodyByName")}</p>
      <h3>{t("guestsMay")}</h3>
      <p>{tablesOf("possible").join("; ") || t("nobodyByName")}</p>
    </section>
  );
}

/** Every lot that came of it, in the order the work was done. */
function Became({ found: { lots }, timeZone }: Pick<Props, "found" | "timeZone">) {
  return (
    <details className={`${page.card} ${page.open}`}>
      <summary>{t("whatBecameOfIt")}</summary>
      <ol className={styles.groups}>
        {lots.map(({ id, code, name, part, by, atMs, certainty }) => (
          <li key={id}>
            <Link href={`/book/lot/${id}`} className="figure">
              {code}
            </Link>
            <div>
              {[name, part].filter(Boolean).join(", ")}
              <p className={page.sub}>
                {by ? `${workText(by.kind)}, ${by.who}, ` : ""}
                {momentText(atMs, 0, timeZone)}, {certainty === "certain" ? t("certainly") : t("possibly")}
              </p>
            </div>
          </li>
        ))}
      </ol>
    </details>
  );
}

/** The words of a `select` message are keys without hyphens. */
export const workText = (kind: string): string => t("made", { kind: kind.replaceAll("-", "_") });

"use client";
import type { KeyRow } from "@/db/doors/deviceKeys";
import { HoldButton } from "@/ui/form/HoldButton";
import { useAct } from "@/ui/hooks/useAct";
import { useHouse } from "@/ui/hooks/HouseContext";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { dayText, momentText } from "@/words/format/format";
import { t } from "@/words/doors";
import { endTheKey } from "./actions";

type Props = { readonly keys: readonly KeyRow[]; readonly nowMs: number };

/** Every device that may send, what it is of, when it was heard last, and the way to end its key. */
export function KeysCard({ keys, nowMs }: Props) {
  const { timeZone } = useHouse();
  const { act, busy } = useAct();
  return (
    <section className={page.card} aria-label={t("keys")} data-testid="keys">
      <h2>{t("keys")}</h2>
      {keys.length === 0 ? <Empty>{t("noKeys")}</Empty> : null}
      <ul className={page.rows}>
        {keys.map(({ id, kind, name, madeAtMs, madeBy, lastSeenMs }) => (
          <li key={id} className={page.row}>
            <span className={page.grow}>
              <span className={page.title}>{t("keyOf", { kind, name })}</span>
              <br />
              <span className={page.sub}>
                {t("madeBy", { day: dayText(madeAtMs, timeZone), who: madeBy })} ·{" "}
                {lastSeenMs === null
                  ? t("neverSeen")
                  : t("lastSeen", { when: momentText(lastSeenMs, nowMs, timeZone) })}
              </span>
            </span>
            <HoldButton
              loading={busy}
              aria-label={`${t("endIt")}: ${t("keyOf", { kind, name })}`}
              onConfirm={() => void act(endTheKey, { keyId: id }, () => t("keyHasEnded", { name }))}
            >
              {t("endIt")}
            </HoldButton>
          </li>
        ))}
      </ul>
      <Source>{t("keysAreHashed")}</Source>
    </section>
  );
}

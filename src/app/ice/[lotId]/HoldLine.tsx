"use client";
import { Button } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { useState } from "react";
import { HOLD_LABELS } from "@/core/coldchain";
import type { LotHold } from "@/db/lots/holds";
import { dayText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import styles from "../Ice.module.css";
import { AirRecordLine } from "./AirRecordLine";
import { endHold, noteHoldReading, openThawingPack } from "./actions";
import { t } from "@/words/ice";
import { say } from "@/words/say";
import { Source } from "@/ui/layout/Source";

/** One hold: what is still needed, when it ends, and what can be done about it. */
export function HoldLine({ held }: { readonly held: LotHold }) {
  const { format, timeZone } = useHouse();
  const { act } = useAct();
  const [shown, setShown] = useState<number | null>(null);
  const { hold, status, closedAs } = held;
  const open = held.closedAtMs === null;
  return (
    <div className={styles.hold} data-state={open ? status.state : "closed"}>
      <div className={styles.holdHead}>
        <b>{HOLD_LABELS[hold.kind]}</b>
        {open && status.endsMs !== null && status.state !== "done" ? (
          <span className="figure" data-testid="hold-ends">
            {dayText(status.endsMs, timeZone)} {timeText(status.endsMs, timeZone)}
          </span>
        ) : null}
      </div>
      <p data-testid="hold-needs">{say((open ? status.needs : closedAs) ?? "", format)}</p>
      <Source>{status.source}</Source>
      {open && hold.kind === "parasite" ? (
        <>
          {hold.readings.length > 0 ? (
            <p className={page.sub}>
              {t("centreReadings", {
                readings: hold.readings
                  .slice(-4)
                  .map(
                    ({ atMs, celsius }) =>
                      `${format.temperature(celsius, 1)} ${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`,
                  )
                  .join(" · "),
              })}
            </p>
          ) : null}
          <div className={styles.holdWork}>
            <NumberInput
              aria-label={t("centreNowDegree", { degree: format.degree })}
              placeholder={t("centreDegree", { degree: format.degree })}
              value={shown}
              step={0.5}
              onChange={setShown}
              className={page.number ?? ""}
            />
            <Button
              disabled={shown === null}
              onClick={async () => {
                if (
                  await act(
                    noteHoldReading,
                    { holdId: held.id, celsius: format.fromTemperature(shown ?? 0) },
                    (needs) => t("notedNeeds", { needs }),
                  )
                )
                  setShown(null);
              }}
            >
              {t("noteTheCentre")}
            </Button>
            <Button onClick={() => act(endHold, { holdId: held.id }, (as) => t("closedAs", { as }))}>
              {status.state === "done" ? t("closeItAsMet") : t("breakItOff")}
            </Button>
          </div>
        </>
      ) : null}
      {open ? <AirRecordLine held={held} /> : null}
      {open && hold.kind === "thaw" && hold.vacuumPack && !hold.packOpened ? (
        <Button onClick={() => act(openThawingPack, { holdId: held.id }, () => t("packOpenedAndWrittenDown"))}>
          {t("thePackIsOpen")}
        </Button>
      ) : null}
      {open &&
      (hold.kind === "cure" || hold.kind === "thaw") &&
      !(hold.kind === "thaw" && hold.vacuumPack && !hold.packOpened) ? (
        <Button onClick={() => act(endHold, { holdId: held.id }, (as) => t("closedAs", { as }))}>
          {status.state === "due" ? t("itIsDone") : t("breakItOff")}
        </Button>
      ) : null}
    </div>
  );
}

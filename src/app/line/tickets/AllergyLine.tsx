"use client";
import { Button } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import { t } from "@/words/line";
import { seeAllergy, swapForAllergy } from "../actions";
import styles from "../Line.module.css";
import type { LineLineView } from "../plan/lineView";

type Props = { readonly line: LineLineView; readonly staff: readonly string[] };

/** An allergy stops its line until the dish is changed and another pair of eyes has seen it, both by name. */
export function AllergyLine({ line: { id, allergies, state, swappedBy, seenBy, changes }, staff }: Props) {
  const { act, busy } = useAct();
  if (state === "free") return null;
  const list = allergies.join(", ");
  return (
    <div className={styles.allergy} data-state={state} role={state === "answered" ? undefined : "alert"}>
      {state === "blocked" ? (
        <>
          <span>{t("blockedUntil", { list })}</span>
          <Button
            danger
            loading={busy}
            onClick={() => void act(swapForAllergy, { lineId: id }, () => t("dishIsChanged"))}
          >
            {t("changeTheDish")}
          </Button>
        </>
      ) : (
        <span>
          <b>{t("noneOf", { list })}</b> {changes}{" "}
          {state === "answered"
            ? t("seenBoth", { first: swappedBy ?? "", second: seenBy ?? "" })
            : t("seenWait", { who: swappedBy ?? "" })}
        </span>
      )}
      {state === "unseen" ? (
        <span className={styles.see} role="group" aria-label={t("whoSawIt")}>
          {staff
            .filter((name) => name !== swappedBy)
            .map((by) => (
              <Button
                key={by}
                loading={busy}
                onClick={() => void act(seeAllergy, { lineId: id, by }, () => t("isSeen", { who: by }))}
              >
                {t("seenBy", { who: by })}
              </Button>
            ))}
        </span>
      ) : null}
    </div>
  );
}

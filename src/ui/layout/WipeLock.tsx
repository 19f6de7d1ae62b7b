"use client";
import { useEffect, useRef, useState } from "react";
import { PlainButton } from "../form/PlainButton";
import styles from "./WipeLock.module.css";
import { t } from "@/words/ui";

/** So long nothing on the screen answers a hand, s. */
const WIPE_S = 10;

/** Ten seconds in which a cloth does nothing; clocks and alarms go on. */
export function WipeLock() {
  const dialog = useRef<HTMLDialogElement>(null);
  const [leftS, setLeftS] = useState(0);
  useEffect(() => {
    if (leftS <= 0) {
      dialog.current?.close();
      return;
    }
    const timer = setTimeout(() => setLeftS(leftS - 1), 1000);
    return () => clearTimeout(timer);
  }, [leftS]);
  return (
    <>
      <PlainButton
        onClick={() => {
          dialog.current?.showModal();
          setLeftS(WIPE_S);
        }}
      >
        {t("wipe")}
      </PlainButton>
      <dialog
        ref={dialog}
        className={styles.locked}
        aria-label={t("wipeTheScreen")}
        data-testid="wipe"
        onCancel={(event) => event.preventDefault()}
        onKeyDown={(event) => event.preventDefault()}
      >
        <p>{t("wipeTheScreen")}</p>
        <b className="figure" role="timer">
          {leftS}
        </b>
      </dialog>
    </>
  );
}

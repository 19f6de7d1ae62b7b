"use client";
import { Alert, Button } from "antd";
import { useEffect, useRef, useState } from "react";
import { PinPad } from "@/ui/form/PinPad";
import { answerChefsPin } from "@/ui/hooks/chefsPin";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/doors";
import styles from "./ChefsPin.module.css";
import { typeChefsPin } from "../signin/actions";

/** Asks for a chef's PIN over whatever is being done; what is half typed below stays. */
export function ChefsPin() {
  const dialog = useRef<HTMLDialogElement>(null);
  const [pin, setPin] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => dialog.current?.showModal(), []);
  const enter = async () => {
    if (pin.length < 4 || busy) return;
    setBusy(true);
    setPin("");
    const answer = await typeChefsPin({ pin });
    setBusy(false);
    if (answer.ok) answerChefsPin(true);
    else setProblem(answer.error.message);
  };
  return (
    <dialog ref={dialog} className={styles.dialog} aria-labelledby="chefs-pin" onCancel={() => answerChefsPin(false)}>
      <h2 id="chefs-pin">{t("chefsPinTitle")}</h2>
      <p className={page.sub}>{t("chefsPinWhy")}</p>
      {problem ? <Alert type="error" showIcon title={problem} /> : null}
      <PinPad label={t("chefsPinTitle")} value={pin} onChange={setPin} onEnter={() => void enter()} />
      <p className={page.line}>
        <Button type="primary" size="large" loading={busy} disabled={pin.length < 4} onClick={() => void enter()}>
          {t("signIn")}
        </Button>
        <Button size="large" onClick={() => answerChefsPin(false)}>
          {t("cancel")}
        </Button>
      </p>
    </dialog>
  );
}

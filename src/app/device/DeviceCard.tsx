"use client";
import { Button } from "antd";
import { useAwake } from "@/ui/hooks/useAwake";
import { useFingers } from "@/ui/form/pad";
import page from "@/ui/layout/page.module.css";
import { armSound, BELL_MOTIF, play, useSoundOn } from "@/ui/sound/sound";
import { t } from "@/words/shell";

/** What this tablet can do here: be heard, stay awake, be worked by fingers. */
export function DeviceCard() {
  const awake = useAwake();
  const soundOn = useSoundOn();
  const fingers = useFingers();
  return (
    <section className={page.card}>
      <h2>{t("sound")}</h2>
      <p data-testid="device-sound">{soundOn ? t("soundIsOn") : t("soundIsOff")}</p>
      <p>
        {soundOn ? (
          <Button size="large" onClick={() => play([BELL_MOTIF])}>
            {t("tryTheSound")}
          </Button>
        ) : (
          <Button type="primary" size="large" onClick={armSound}>
            {t("tapForSound")}
          </Button>
        )}
      </p>
      <h2 className={page.aboveMore}>{t("screen")}</h2>
      <p data-testid="device-awake">{t("screenAwake", { awake })}</p>
      <h2 className={page.aboveMore}>{t("hands")}</h2>
      <p>{fingers ? t("workedByFingers") : t("workedByMouse")}</p>
    </section>
  );
}

"use client";
import { Button } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import { armSound, BELL_MOTIF, useSoundOn } from "@/ui/sound/sound";
import { useAlarm } from "@/ui/sound/useAlarm";
import { useNow } from "@/ui/hooks/useNow";
import { t } from "@/words/line";
import { silence } from "../actions";
import styles from "../Line.module.css";
import type { CourseView } from "../plan/lineView";

type Props = { readonly courses: readonly CourseView[]; readonly serverNowMs: number };

/** One bell a table, as its moment comes; any knuckle silences it, and whose it was is kept. */
export function Bell({ courses, serverNowMs }: Props) {
  const nowMs = useNow(serverNowMs);
  const { act, busy } = useAct();
  const up = courses.filter(
    ({ state, upMs, bellBy, promisedMs }) =>
      state === "called" &&
      bellBy === null &&
      promisedMs !== null &&
      upMs !== null &&
      nowMs >= Math.min(upMs, promisedMs),
  );
  useAlarm(up.length > 0 ? [BELL_MOTIF] : []);
  const soundOn = useSoundOn();
  if (up.length === 0) return null;
  return (
    <div className={styles.bell} role="alert" data-testid="bell">
      {up.map(({ ticketId, course, table }) => (
        <Button
          key={`${ticketId}${course}`}
          size="large"
          loading={busy}
          onClick={() => void act(silence, { ticketId, course })}
        >
          {t("ringing", { table })}: {t("silenceIt")}
        </Button>
      ))}
      {soundOn ? null : (
        <Button size="large" onClick={armSound}>
          {t("tapForSound")}
        </Button>
      )}
    </div>
  );
}

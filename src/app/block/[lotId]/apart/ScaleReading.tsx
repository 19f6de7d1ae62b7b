"use client";
import { Button } from "antd";
import Link from "next/link";
import { useEffect, useState } from "react";
import { useHouse } from "@/ui/hooks/HouseContext";
import styles from "./Apart.module.css";
import { t } from "@/words/block";

type Reading = {
  readonly name: string;
  readonly massG: number | null;
  readonly stable: boolean;
  readonly ageS: number;
};

const EVERY_MS = 800;
/** Older than this, the scale has gone silent. */
const FRESH_S = 15;

/** What lies on the scale of the house now, taken into the part in hand with one tap. */
export function ScaleReading({
  hasScale,
  onTake,
}: {
  readonly hasScale: boolean;
  readonly onTake: (massG: number) => void;
}) {
  const { format } = useHouse();
  const [reading, setReading] = useState<Reading | null>(null);
  useEffect(() => {
    if (!hasScale) return;
    let live = true;
    const ask = async () => {
      try {
        const answer = await fetch("/api/scales", { cache: "no-store" });
        const { scales } = (await answer.json()) as { readonly scales: readonly Reading[] };
        const fresh = scales
          .filter(({ ageS, massG }) => ageS <= FRESH_S && massG !== null)
          .sort((a, b) => a.ageS - b.ageS)[0];
        if (live) setReading(fresh ?? null);
      } catch {
        if (live) setReading(null);
      }
    };
    void ask();
    const timer = setInterval(() => void ask(), EVERY_MS);
    return () => {
      live = false;
      clearInterval(timer);
    };
  }, [hasScale]);
  if (!hasScale)
    return (
      <p className={styles.scale}>
        <span className="muted">
          {t.rich("noScaleSendsToThisHouse", { link: (words) => <Link href="/block/boards">{words}</Link> })}
        </span>
      </p>
    );
  const massG = reading?.massG ?? null;
  return (
    <div className={styles.scale} data-testid="scale">
      <span>
        {reading ? reading.name : t("scaleSilent")}{" "}
        <b className={styles.onScale}>{massG === null ? "–" : format.mass(massG)}</b>{" "}
        <span className="muted">{reading ? (reading.stable ? t("steady") : t("moving")) : ""}</span>
      </span>
      <Button
        disabled={massG === null || !reading?.stable || massG < 1}
        onClick={() => massG !== null && onTake(massG)}
      >
        {t("takeIt")}
      </Button>
    </div>
  );
}

import { db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { lastEntry } from "@/db/ledger";
import { backupStanding } from "@/house/night";
import page from "@/ui/layout/page.module.css";
import { momentText } from "@/words/format/format";
import { t } from "@/words/today";

type Props = { readonly house: House; readonly nowMs: number; readonly loud: boolean };

/** How the house stands for copies of itself: loud at the head of the page where there is none, quiet at its foot where there is. */
export function BackupNote({ house, nowMs, loud }: Props) {
  if (house.demo) return null;
  const lastMs = (kind: "backup-kept" | "backup-failed") => lastEntry(db(), kind)?.atMs ?? null;
  const [keptMs, failedMs] = [lastMs("backup-kept"), lastMs("backup-failed")];
  const standing = backupStanding(nowMs, { openedMs: house.createdAtMs, keptMs, failedMs });
  const when = (atMs: number | null) => (atMs === null ? "none" : momentText(atMs, 0, house.timeZone));
  const isLoud = standing.kind !== "kept" && standing.kind !== "none-yet";
  if (isLoud !== loud) return null;
  switch (standing.kind) {
    case "none-yet":
      return <p className={page.sub}>{t("firstBackupTonight")}</p>;
    case "kept":
      return (
        <p className={page.sub} data-testid="backup">
          {t("backupOf", { when: when(standing.atMs) })}
        </p>
      );
    default:
      return (
        <p role="alert" className={page.alert} data-testid="backup">
          <b>
            {t("noBackup", { kind: standing.kind, when: when(standing.kind === "never" ? null : standing.lastKeptMs) })}
          </b>
        </p>
      );
  }
}

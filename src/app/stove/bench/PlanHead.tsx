"use client";
import { Button } from "antd";
import { TextInput } from "@/ui/form/TextInput";
import Link from "next/link";
import { shortName, type Species } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { unbroken } from "@/words/format/unbroken";
import { marked } from "@/words/marked";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { t } from "@/words/stove-plan";
import styles from "../Stove.module.css";
import type { PieceSource } from "./pieceSource";

type Props = {
  readonly source: PieceSource;
  readonly species: Species;
  readonly goalWords: string;
  readonly methodLabel: string;
  /** Sauces of the house that go with it. */
  readonly sauces: readonly { readonly specId: string; readonly name: string }[];
  readonly busy: boolean;
  /** Where its pan will stand. */
  readonly panName: string;
  readonly onPanName: (name: string) => void;
  /** null: there is nothing to keep, or it may not be begun. */
  readonly onKeep: (() => void) | null;
  readonly onBegin: (() => void) | null;
};

/** Offered; a kitchen may call its spots by other names. */
const SPOTS = [t("leftFront"), t("rightFront"), t("leftBack"), t("rightBack"), t("oven2")];
const SPOTS_ID = "where-pans-stand";

/** What is cooked and to what, where it comes from, and the two things to do with the plan. */
export function PlanHead(props: Props) {
  const { source, species, goalWords, methodLabel, sauces, busy, panName, onPanName, onKeep, onBegin } = props;
  const { format } = useHouse();
  const prepared = source.kind === "batch" ? source.prepared : null;
  return (
    <PageHead
      title={
        <>
          {shortName(species)}, {goalWords}
        </>
      }
      asks={
        <>
          {source.kind === "none" ? (
            t("onlyPlannedNothingIsTakenFrom")
          ) : (
            <>
              <span className="figure">{source.code}</span> ·{" "}
            </>
          )}
          {unbroken(
            t("labelUsualHereUsualDoneness", {
              // after the words of what it comes from it begins a sentence
              label: source.kind === "none" ? sentence(methodLabel) : methodLabel.toLowerCase(),
              usualDoneness: marked(species.usualDoneness, format),
            }),
          )}
        </>
      }
      below={
        <>
          {prepared && prepared.piece.notes.length > 0 ? (
            <p className={page.asks} data-testid="prepared">
              {prepared.piece.notes.map((note) => say(note, format)).join("; ")}
            </p>
          ) : null}
          {sauces.map(({ specId, name }) => (
            <p key={specId} className={page.asks}>
              <Link href={`/butter/sauce/${specId}`}>{t("sauceForThis", { name })}</Link>
            </p>
          ))}
        </>
      }
    >
      <span className={styles.headActions}>
        {source.kind === "batch" ? (
          <Link href={`/block/prepare/${source.batchId}`}>{t("prepareThePieces")}</Link>
        ) : null}
        <Button size="large" disabled={onKeep === null} onClick={() => onKeep?.()}>
          {t("keepBeside")}
        </Button>
        <TextInput
          aria-label={t("whereItsPanStands")}
          placeholder={t("whereItsPanStands")}
          className={styles.panName ?? ""}
          value={panName}
          maxLength={24}
          list={SPOTS_ID}
          autoComplete="off"
          onChange={({ target }) => onPanName(target.value)}
        />
        <datalist id={SPOTS_ID}>
          {SPOTS.map((spot) => (
            <option key={spot}>{spot}</option>
          ))}
        </datalist>
        <Button type="primary" size="large" onClick={() => onBegin?.()} loading={busy} disabled={onBegin === null}>
          {t("startTheCook")}
        </Button>
      </span>
    </PageHead>
  );
}

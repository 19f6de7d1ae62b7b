"use client";
import { Alert, Button } from "antd";
import type { PreparedPiece as Piece } from "@/core/block";
import { keyOfSaid, type Result, type Said } from "@/core/shared";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { say } from "@/words/say";
import { t } from "@/words/block";

type Props = {
  readonly made: Result<Piece, Said>;
  /** As it was cut. */
  readonly before: Piece;
  readonly onKeep: () => void;
};

/** What the steps make of a portion: its shape, weight, salt and warmth at the pan. */
export function PreparedPiece({ made, before, onKeep }: Props) {
  const { format } = useHouse();
  const piece = made.ok ? made.value : before;
  return (
    <section className={page.card} data-testid="prepared-piece">
      <h2>{t("whatComesToThePan")}</h2>
      {made.ok ? null : <Alert type="error" showIcon title={say(made.error, format)} className={page.below ?? ""} />}
      <p>
        {t.rich("startAtThePan", {
          start: format.temperature(piece.startC, 1),
          span: (words) => <span className={page.big}>{words}</span>,
        })}
      </p>
      <dl className={`${page.facts} ${page.above}`}>
        <dt>{t("shape")}</dt>
        <dd>
          {piece.shape === "slab" ? t("slab") : t("round")}, {format.length(piece.thicknessMm, 1)}
        </dd>
        <dt>{t("weight")}</dt>
        <dd>{format.mass(piece.massG)}</dd>
        <dt>{t("saltInIt")}</dt>
        <dd>{format.number(piece.composition.ash - before.composition.ash, 1)} %</dd>
        <dt>{t("rule")}</dt>
        <dd>{piece.stuffed ? t("stuffedFish") : t("fish")}</dd>
      </dl>
      {piece.notes.length > 0 ? (
        <ul>
          {piece.notes.map((note) => (
            <li key={keyOfSaid(note)}>{say(note, format)}</li>
          ))}
        </ul>
      ) : null}
      <Button type="primary" size="large" block disabled={!made.ok} onClick={onKeep}>
        {t("carryItToTheStove")}
      </Button>
    </section>
  );
}

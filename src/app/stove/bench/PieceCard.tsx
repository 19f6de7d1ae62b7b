"use client";
import { Button, Switch } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { memo } from "react";
import type { Species } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { Calliper } from "@/ui/form/Calliper";
import { Choice } from "@/ui/form/Choice";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import type { CookAskInput } from "@/house/stove/cookAsk";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";

const SHAPES: readonly { readonly value: CookAskInput["shape"]; readonly label: string }[] = [
  { value: "slab", label: t("flatFilletSliceLoin") },
  { value: "cylinder", label: t("roundTailArmRoll") },
  { value: "puck", label: t("shortRoundScallopCake") },
  { value: "sphere", label: t("smallWholeShellBall") },
  { value: "tube", label: t("stuffedTube") },
];

type Props = {
  readonly species: Species;
  readonly ask: CookAskInput;
  readonly pieceG: number;
  readonly most: number;
  /** As the batch was cut; null where there is none. */
  readonly cutMm: number | null;
  readonly onPieceG: ((massG: number) => void) | null;
  readonly onChange: (part: Partial<CookAskInput>) => void;
  readonly onCut: () => void;
};

/** The piece as it is in the hand: how thick, what shape, how cold, how many. */
export function PieceCard({ species, ask, pieceG, most, cutMm, onPieceG, onChange, onCut }: Props) {
  const { format } = useHouse();
  return (
    <>
      <section className={page.card}>
        <Calliper
          shape={ask.shape}
          thicknessMm={ask.sizeMm}
          flesh={species.flesh}
          skin={ask.skin}
          onChange={(sizeMm) => onChange({ sizeMm })}
        />
        {cutMm !== null && Math.abs(ask.sizeMm - cutMm) > 0.5 ? (
          <Button size="small" onClick={onCut}>
            {t("backToTheCutCut", { cut: format.length(cutMm, 1) })}
          </Button>
        ) : null}
      </section>
      <PieceInputs
        shape={ask.shape}
        startC={ask.startC}
        pieces={ask.pieces}
        skin={ask.skin}
        most={most}
        pieceG={onPieceG ? pieceG : 0}
        onPieceG={onPieceG}
        onChange={onChange}
      />
    </>
  );
}

type InputProps = Pick<CookAskInput, "shape" | "startC" | "pieces" | "skin"> &
  Pick<Props, "most" | "pieceG" | "onPieceG" | "onChange">;

/** All of the piece but its size: it stands still while the calliper moves. */
const PieceInputs = memo(function PieceInputs({
  shape,
  startC,
  pieces,
  skin,
  most,
  pieceG,
  onPieceG,
  onChange,
}: InputProps) {
  return (
    <section className={`${page.card} ${styles.inputs}`}>
      <label className={styles.full}>
        {t("shape")}
        <Choice value={shape} options={SHAPES} onChange={(next) => onChange({ shape: next })} />
      </label>
      <QuantityField
        label={t("fishNow")}
        kind="temperature"
        value={startC}
        min={-22}
        max={30}
        onChange={(next) => onChange({ startC: next })}
      />
      <Field label={t("pieces")}>
        {(id) => (
          <NumberInput
            id={id}
            value={pieces}
            min={1}
            max={most}
            whole
            className={page.full ?? ""}
            onChange={(next) => next !== null && onChange({ pieces: next })}
          />
        )}
      </Field>
      {onPieceG ? (
        <QuantityField label={t("onePiece")} kind="mass" value={pieceG} min={2} max={5000} onChange={onPieceG} />
      ) : null}
      <span className={styles.switch}>
        <span id="skin-label">{t("skinOrShellOn")}</span>
        <Switch checked={skin} onChange={(next) => onChange({ skin: next })} aria-labelledby="skin-label" />
      </span>
    </section>
  );
});

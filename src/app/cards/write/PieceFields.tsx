"use client";
import { Checkbox, Segmented, Select } from "antd";
import type { CardPiece } from "@/core/cards";
import { crispsSkin, methodOf, METHODS, type MethodId } from "@/core/cooking";
import type { Species } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { NumberFields, type FigureSpec } from "@/ui/form/NumberFields";
import { t } from "@/words/cards";
import butter from "../../butter/Butter.module.css";
import { MiddleField } from "./MiddleField";

export type CardFish = Pick<Species, "id" | "name" | "donenessGroup">;

type Props = {
  readonly piece: CardPiece;
  /** Every fish a card may take. */
  readonly fish: readonly CardFish[];
  readonly onChange: (part: Partial<CardPiece>) => void;
};

const FLAGS = [
  ["crispSkin", t("crispSkin")],
  ["boneIn", t("onTheBone")],
  ["skewered", t("onASkewer")],
  ["cured", t("curedFirst")],
] as const satisfies readonly (readonly [keyof CardPiece, string])[];

const SIZES: readonly FigureSpec<CardPiece>[] = [
  { of: "massG", label: t("onePiece"), kind: "mass", min: 5, max: 2000 },
  { of: "thicknessMm", label: t("thickness"), kind: "length", min: 2, max: 150 },
];

/** What a card is cut from, and the way it is cooked. */
export function PieceFields({ piece, fish, onChange }: Props) {
  const animal = fish.find(({ id }) => id === piece.speciesIds[0]);
  return (
    <>
      <div className={butter.pairs}>
        <Field label={t("anyOfThese")} wide>
          {(id) => (
            <Select
              id={id}
              mode="multiple"
              showSearch={{ optionFilterProp: "label" }}
              value={[...piece.speciesIds]}
              options={fish.map(({ id: value, name }) => ({ value, label: name }))}
              onChange={(speciesIds: string[]) => onChange({ speciesIds })}
            />
          )}
        </Field>
        <Field label={t("served")}>
          {(id) => (
            <Segmented<CardPiece["use"]>
              id={id}
              block
              value={piece.use}
              options={[
                { value: "cook", label: t("cookedWord") },
                { value: "raw", label: t("rawWord") },
              ]}
              onChange={(use) =>
                onChange({ use, methodId: use === "raw" ? null : (piece.methodId ?? "skin-unturned") })
              }
            />
          )}
        </Field>
        <NumberFields value={piece} fields={SIZES} onChange={onChange} />
        {piece.use === "cook" ? (
          <Field label={t("howItIsCooked")} wide>
            {(id) => (
              <Select
                id={id}
                value={piece.methodId}
                options={METHODS.map(({ id: value, label }) => ({ value, label }))}
                onChange={(methodId) => onChange({ methodId, schoolId: undefined, crispSkin: crispsSkin(methodId) })}
              />
            )}
          </Field>
        ) : null}
        {piece.methodId === null ? null : (
          <SchoolField methodId={piece.methodId} schoolId={piece.schoolId} onChange={onChange} />
        )}
        {piece.methodId !== null && animal ? (
          <MiddleField piece={piece} group={animal.donenessGroup} onChange={onChange} />
        ) : null}
      </div>
      <div className={butter.acts}>
        {FLAGS.map(([flag, label]) => (
          <Checkbox
            key={flag}
            checked={piece[flag] === true}
            onChange={({ target }) => onChange({ [flag]: target.checked })}
          >
            {label}
          </Checkbox>
        ))}
      </div>
    </>
  );
}

type SchoolProps = {
  readonly methodId: MethodId;
  readonly schoolId: string | undefined;
  readonly onChange: Props["onChange"];
};

/** Whose way of doing it, where good cooks disagree. */
function SchoolField({ methodId, schoolId, onChange }: SchoolProps) {
  const { schools } = methodOf(methodId);
  if (schools.length === 0) return null;
  return (
    <Field label={t("bySchool")} wide>
      {(id) => (
        <Select
          id={id}
          value={schoolId ?? ""}
          options={[
            { value: "", label: t("asTheStoveOpens") },
            ...schools.map(({ id: value, label }) => ({ value, label })),
          ]}
          onChange={(chosen: string) => onChange({ schoolId: chosen === "" ? undefined : chosen })}
        />
      )}
    </Field>
  );
}

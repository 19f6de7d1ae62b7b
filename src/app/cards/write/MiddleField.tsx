"use client";
import { Select } from "antd";
import type { CardPiece } from "@/core/cards";
import { outcomeLabel, TARGET_DONENESS, targetCentreC } from "@/core/cooking";
import type { DonenessGroup } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { t } from "@/words/cards";

type Props = {
  readonly piece: CardPiece;
  readonly group: DonenessGroup;
  readonly onChange: (part: Pick<CardPiece, "underCooked" | "centreC">) => void;
};

/** What the middle is aimed at, as the list of it says. */
const chosenOf = ({ underCooked, centreC }: CardPiece): string =>
  !underCooked ? "safe" : centreC === undefined ? "usual" : String(centreC);

/** What the middle is aimed at: the rule, what is usual, a state of this flesh, or a temperature of the house's own. */
export function MiddleField({ piece, group, onChange }: Props) {
  const { format } = useHouse();
  const states = TARGET_DONENESS.map((done) => {
    const centreC = targetCentreC(group, done);
    return { value: String(centreC), label: `${outcomeLabel(done, group)}, ${format.temperature(centreC)}` };
  }).filter(({ value }, at, all) => all.findIndex((one) => one.value === value) === at);
  const { centreC } = piece;
  const own =
    centreC === undefined || states.some(({ value }) => value === String(centreC))
      ? []
      : [{ value: String(centreC), label: format.temperature(centreC) }];
  return (
    <Field label={t("theMiddle")} wide>
      {(id) => (
        <Select
          id={id}
          value={chosenOf(piece)}
          options={[
            { value: "safe", label: t("asTheRuleWantsIt") },
            { value: "usual", label: t("asThisAnimalUsually") },
            ...states,
            ...own,
          ]}
          onChange={(middle: string) =>
            onChange({
              underCooked: middle !== "safe",
              centreC: middle === "safe" || middle === "usual" ? undefined : Number(middle),
            })
          }
        />
      )}
    </Field>
  );
}

import { findPreparation } from "@/core/butter";
import { handsParts, type CardSpec, type PartHands } from "@/core/cards";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { t } from "@/words/cards";
import butter from "../../butter/Butter.module.css";

type Props = { readonly card: CardSpec; readonly onChange: (hands: readonly PartHands[] | undefined) => void };

const NAMES: Readonly<Record<string, string>> = { piece: t("piece"), sauce: t("sauce"), finish: t("finish") };

/** Whose work each part is: a cook's name or a post; left empty it is whoever is on. */
export function HandsFields({ card, onChange }: Props) {
  const parts = handsParts(card);
  const said = (card.hands ?? []).filter(({ part }) => parts.includes(part));
  const change = (part: string, who: string) => {
    const next = [...said.filter((one) => one.part !== part), ...(who === "" ? [] : [{ part, who }])];
    onChange(next.length === 0 ? undefined : next);
  };
  return (
    <div className={butter.pairs}>
      {parts.map((part) => (
        <Field key={part} label={t("handsOf", { part: NAMES[part] ?? findPreparation(part)?.label ?? part })}>
          {(id) => (
            <TextInput
              id={id}
              value={said.find((one) => one.part === part)?.who ?? ""}
              maxLength={40}
              placeholder={t("whoeverIsOn")}
              onChange={({ target }) => change(part, target.value)}
            />
          )}
        </Field>
      ))}
    </div>
  );
}

"use client";
import { Button } from "antd";
import { FileButton } from "@/ui/form/FileButton";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { dropRecipeNote, keepRecipeNote } from "../actions";
import styles from "../Cards.module.css";

type Props = {
  readonly cardId: string;
  readonly notes: readonly {
    readonly id: string;
    readonly title: string;
    readonly body: string;
    readonly by: string;
  }[];
};

/** Recipes from elsewhere, beside the card: text to read, nothing is worked out from them. */
export function RecipeNotes({ cardId, notes }: Props) {
  const { act, busy } = useAct();
  const keep = async (file: Blob) =>
    act(keepRecipeNote, { cardId, text: await file.text() }, (title) => t("recipeIsBeside", { title }));
  return (
    <section className={page.card} data-testid="recipe-notes">
      <h2>{t("recipesFromElsewhere")}</h2>
      {notes.map(({ id, title, body, by }) => (
        <details key={id} className={styles.recipe}>
          <summary>{title}</summary>
          <p className={page.sub}>{by}</p>
          <p className={styles.recipeText}>{body}</p>
          <Button loading={busy} onClick={() => void act(dropRecipeNote, { noteId: id }, () => t("recipeIsAway"))}>
            {t("takeItAway")}
          </Button>
        </details>
      ))}
      <p className={page.sub}>{t("recipesAreOnlyRead")}</p>
      <FileButton
        accept="application/json,application/ld+json,.json,.jsonld"
        onFile={(file) => void keep(file)}
        loading={busy}
      >
        {t("putARecipeBeside")}
      </FileButton>
    </section>
  );
}

import { inSentence } from "@/core/species";
import Link from "next/link";
import type { BoardColour, CrossContact } from "@/core/block";
import { BOARD_COLOURS } from "@/ui/theme/palette";
import styles from "./Board.module.css";
import { t } from "@/words/block";

type Props = {
  readonly colour: BoardColour;
  readonly allergen: string | null;
  readonly contacts: readonly CrossContact[];
};

/** Which board this goes on, and what lay on it since it was washed. */
export function BoardStrip({ colour, allergen, contacts }: Props) {
  return (
    <div className={styles.strip} data-warn={contacts.length > 0} data-testid="board">
      <span className={styles.swatch} style={{ background: BOARD_COLOURS[colour] }} aria-hidden="true" />
      <span>
        <b>{t("colourBoard", { colour })}</b>
        {allergen ? <>{t("allergenAllergen", { allergen })}</> : null}
      </span>
      {contacts.map(({ allergen: carried, what }) => (
        <b key={carried} className={styles.contact}>
          {t.rich("whatLayOnItCarriedWould", {
            what: inSentence(what),
            carried,
            link: (words) => <Link href="/block/boards">{words}</Link>,
          })}
        </b>
      ))}
    </div>
  );
}

import { inSentence } from "@/core/species";
import Link from "next/link";
import { BOARD_COLOURS, type BoardColour, type CrossContact } from "@/core/block";
import styles from "./Board.module.css";

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
        <b>{colour} board</b>
        {allergen ? <>, allergen: {allergen}</> : null}
      </span>
      {contacts.map(({ allergen: carried, what }) => (
        <b key={carried} className={styles.contact}>
          {inSentence(what)} lay on it: {carried} would go over. <Link href="/block/boards">Wash it and say so</Link>
        </b>
      ))}
    </div>
  );
}

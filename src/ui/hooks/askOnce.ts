import { nanoid } from "nanoid";
import type { Result } from "@/core/shared";
import { answerWithin } from "./answerWithin";
import { reached } from "../reach/reach";
import { t } from "@/words/ui";

/** What is said when nobody answered; pressing again is safe. */
export const UNANSWERED = t("theHouseDidNotAnswerTry");

type Answer<T> = Result<T, { readonly message: string; readonly code?: string }>;

/** Something the house does when asked: what is wanted, and the id of the intention, so that asking twice is doing once. */
export type Action<T> = (input: unknown, intention: string) => Promise<Answer<T>>;

/**
 * Ids of what was meant and not answered yet, by action and wording: the next press with the same wording is the same intention. Kept
 * beside the components, so that leaving a page and coming back does not make a second one of it.
 */
const meant = new Map<unknown, Map<string, string>>();
/** What is on its way: a double tap hangs on to the first. */
const onTheWay = new Map<string, Promise<unknown>>();

function intentionOf(action: unknown, wording: string): string {
  const known = meant.get(action) ?? new Map<string, string>();
  meant.set(action, known);
  const id = known.get(wording) ?? nanoid();
  known.set(wording, id);
  return id;
}

/** Asks once for one intention; null: nobody answered, and the same intention stands for the next try. */
export async function askOnce<T>(action: Action<T>, input: unknown, limitMs?: number): Promise<Answer<T> | null> {
  const wording = JSON.stringify(input);
  const id = intentionOf(action, wording);
  const before = onTheWay.get(id) as Promise<Answer<T> | null> | undefined;
  if (before) return before;
  const asked = answerWithin(action(input, id), limitMs).finally(() => onTheWay.delete(id));
  onTheWay.set(id, asked);
  const answer = await asked;
  // what was answered is over: doing the same again is meant anew
  if (answer) meant.get(action)?.delete(wording);
  else void reached();
  return answer;
}

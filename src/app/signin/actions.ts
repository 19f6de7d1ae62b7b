"use server";
import { revalidatePath } from "next/cache";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { findPerson, listPeople, makeChef, noteSignIn, phraseHash, type Person } from "@/db/doors/people";
import { isSecret, slowHash } from "@/db/doors/slowHash";
import { letIn, pairByCode } from "@/db/doors/tablets";
import { houseNowMs } from "@/db/houseClock";
import { inTurn, rightTry, waitOf, wrongTry } from "@/server/slowTries";
import { t } from "@/words/doors";
import { inWords, refused, type ActionError } from "../actionError";
import { houseQuestion } from "../houseAction";
import { carriedNow, carry, CHEF_MS } from "../session";
import { ChefsPin, FirstChef, Nothing, PairingCode, PhraseOpens, SignIn } from "./schema";

type Answer<T> = Promise<Result<T, ActionError>>;

/** Asks for a secret, slower with every wrong one, for each of these keys. */
const askFor = (keys: readonly string[], isRight: () => Promise<boolean>, wrong: string): Promise<ActionError | null> =>
  inTurn(async () => {
    const waitS = await waitOf(keys);
    if (waitS > 0) return refused("wait", t("waitBeforeTheNext", { seconds: waitS }));
    if (await isRight()) {
      await rightTry(keys);
      return null;
    }
    await wrongTry(keys);
    return refused("wrong", wrong);
  });

/** What a tablet carries of somebody who has just typed a PIN. */
const cameOn = ({ id, role }: Person, tabletId: string, atMs: number) => ({
  tabletId,
  personId: id,
  signedInAtMs: atMs,
  ...(role === "chef" ? { chefId: id, chefUntilMs: atMs + CHEF_MS } : {}),
});

/** Somebody signs in on this tablet by name and PIN. */
export const signIn = async (input: unknown): Answer<string> =>
  houseQuestion("signIn", SignIn, input, async ({ personId, pin }) => {
    const atMs = houseNowMs();
    const { tabletId } = await carriedNow();
    const person = findPerson(db(), personId, atMs);
    const isRight = () => isSecret(pin, person?.pinHash ?? null);
    const refusal = await askFor([`pin ${personId}`, `pins of ${tabletId}`], isRight, t("pinIsWrong"));
    if (refusal) return err(refusal);
    noteSignIn(db(), personId, atMs);
    await carry(cameOn(person!, tabletId!, atMs));
    revalidatePath("/", "layout");
    return ok(person!.name);
  });

/** Whoever works here goes: the tablet stays let in. */
export const signOut = async (input: unknown): Answer<null> =>
  houseQuestion("signOut", Nothing, input, async () => {
    const { tabletId } = await carriedNow();
    await carry(tabletId ? { tabletId } : {});
    revalidatePath("/", "layout");
    return ok(null);
  });

/** A chef types the PIN on whatever tablet is at hand: for ten minutes the chef's acts are done on it, under the chef's name. */
export const typeChefsPin = async (input: unknown): Answer<string> =>
  houseQuestion("typeChefsPin", ChefsPin, input, async ({ pin }) => {
    const atMs = houseNowMs();
    const carried = await carriedNow();
    const chefs = listPeople(db(), atMs).filter(({ role, pinHash }) => role === "chef" && pinHash !== null);
    let chef: Person | undefined;
    const isRight = async () => {
      for (const one of chefs) if (!chef && (await isSecret(pin, one.pinHash))) chef = one;
      return chef !== undefined;
    };
    const refusal = await askFor(["chefs", `pins of ${carried.tabletId}`], isRight, t("pinIsWrong"));
    if (refusal) return err(refusal);
    await carry({ ...carried, chefId: chef!.id, chefUntilMs: atMs + CHEF_MS });
    return ok(chef!.name);
  });

/** A tablet comes in by the code a chef has had shown. */
export const pairThisTablet = async (input: unknown): Answer<string> =>
  houseQuestion("pairThisTablet", PairingCode, input, async ({ code }) => {
    const atMs = houseNowMs();
    let tablet: ReturnType<typeof pairByCode> = null;
    const isRight = async () => (tablet = pairByCode(db(), code, atMs)) !== null;
    const refusal = await askFor(["codes"], isRight, t("codeIsWrong"));
    if (refusal) return err(refusal);
    await carry({ tabletId: tablet!.id });
    revalidatePath("/", "layout");
    return ok(tablet!.name);
  });

/** The pass phrase opens when no tablet and no PIN does: this one is let in, and a chef is signed in on it. */
export const openByPhrase = async (input: unknown): Answer<string> =>
  houseQuestion("openByPhrase", PhraseOpens, input, async ({ phrase, tablet: name }) => {
    const atMs = houseNowMs();
    const [chef] = listPeople(db(), atMs).filter(({ role }) => role === "chef");
    const isRight = async () => chef !== undefined && (await isSecret(phrase, phraseHash(db())));
    const refusal = await askFor(["phrase"], isRight, t("phraseIsWrong"));
    if (refusal) return err(refusal);
    const tablet = letIn(db(), { name, kind: "tablet" }, { who: chef!.name, atMs });
    noteSignIn(db(), chef!.id, atMs);
    await carry(cameOn(chef!, tablet.id, atMs));
    revalidatePath("/", "layout");
    return ok(chef!.name);
  });

const NO_CHEF = {
  chefAlready: refused("chefIsThere", t("chefIsThere")),
  nameIsTaken: refused("nameIsTaken", t("nameIsTaken")),
} as const;

/** A house without locks gets its first chef, and with it its locks; this tablet is let in. */
export const makeTheChef = async (input: unknown): Answer<string> =>
  houseQuestion("makeTheChef", FirstChef, input, async ({ name, pin, phrase }) => {
    const [pinHash, phraseKept] = await Promise.all([slowHash(pin), slowHash(phrase)]);
    const atMs = houseNowMs();
    const made = makeChef(db(), { name, pinHash, phrase: phraseKept }, { who: name, atMs });
    if (!made.ok) return inWords(made, NO_CHEF);
    const chef = made.value;
    const tablet = letIn(db(), { name: t("firstTablet"), kind: "tablet" }, { who: chef.name, atMs });
    noteSignIn(db(), chef.id, atMs);
    await carry(cameOn(chef, tablet.id, atMs));
    revalidatePath("/", "layout");
    return ok(chef.name);
  });

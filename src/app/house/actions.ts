"use server";
import { ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { endKey } from "@/db/doors/deviceKeys";
import { letGo, setPin, setRole, takeIn } from "@/db/doors/people";
import { slowHash } from "@/db/doors/slowHash";
import { newPairing, shutOut } from "@/db/doors/tablets";
import { setHostNames } from "@/db/house/house";
import { t } from "@/words/doors";
import { inWords, refused, type ActionError } from "../actionError";
import { houseAction, plannedAction, secretAction } from "../houseAction";
import { NewPerson, NewTablet, PersonId, PinOf, RoleOf, TabletId } from "../signin/schema";
import { HostNames, KeyId } from "./schema";

/** Says by which names the house may be called, besides addresses and names of the local network. */
export const sayHostNames = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("sayHostNames", HostNames, input, intention, ({ names }, { stamp }) => {
    setHostNames(db(), [...new Set(names)], stamp.who, stamp.atMs);
    return ok(null);
  });

/** Ends the key of a device: it is turned away from now on. */
export const endTheKey = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("endTheKey", KeyId, input, intention, ({ keyId }, { stamp }) =>
    inWords(endKey(db(), keyId, stamp), { noSuchKey: refused("thatKeyHasEnded", t("thatKeyHasEnded")) }),
  );

const PERSON_PROBLEMS = {
  noSuchPerson: refused("noSuchPerson", t("noSuchPerson")),
  lastChef: refused("lastChef", t("lastChef")),
  nameIsTaken: refused("nameIsTaken", t("nameIsTaken")),
} as const;

/** A code that lets one tablet or screen in; told this once. */
export const letATabletIn = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  secretAction("letATabletIn", NewTablet, input, intention, (tablet, { stamp }) => ok(newPairing(db(), tablet, stamp)));

/** Shuts a tablet out at once. */
export const shutATabletOut = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("shutATabletOut", TabletId, input, intention, ({ tabletId }, { stamp }) =>
    inWords(shutOut(db(), tabletId, stamp), { noSuchTablet: refused("noSuchTablet", t("noSuchTablet")) }),
  );

/** Takes somebody into the house, with a PIN to begin with. */
export const takeSomebodyIn = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  plannedAction(
    "takeSomebodyIn",
    NewPerson,
    input,
    intention,
    async ({ name, role, pin }) => ok({ name, role, pinHash: await slowHash(pin) }),
    (person, { stamp }) => {
      const taken = takeIn(db(), person, stamp);
      return taken.ok ? ok(taken.value.id) : inWords(taken, PERSON_PROBLEMS);
    },
  );

/** Says what somebody is here. */
export const changeRole = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("changeRole", RoleOf, input, intention, ({ personId, role }, { stamp }) =>
    inWords(setRole(db(), personId, role, stamp), PERSON_PROBLEMS),
  );

/** Gives somebody a new PIN. */
export const newPinFor = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  plannedAction(
    "newPinFor",
    PinOf,
    input,
    intention,
    async ({ personId, pin }) => ok({ personId, pinHash: await slowHash(pin) }),
    ({ personId, pinHash }, { stamp }) => inWords(setPin(db(), personId, pinHash, stamp), PERSON_PROBLEMS),
  );

/** Somebody has left: signs in nowhere any more; what was written stays. */
export const letSomebodyGo = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("letSomebodyGo", PersonId, input, intention, ({ personId }, { stamp }) =>
    inWords(letGo(db(), personId, stamp), PERSON_PROBLEMS),
  );

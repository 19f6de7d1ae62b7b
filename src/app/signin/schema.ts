import { z } from "zod";
import { isEasyPin, PIN, ROLES, SHORTEST_PHRASE } from "@/house/people";
import { t } from "@/words/doors";

const typedPin = z.string().regex(PIN, t("pinIsDigits"));
export const NewPin = typedPin.refine((pin) => !isEasyPin(pin), t("pinIsEasy"));
export const NewPhrase = z.string().trim().min(SHORTEST_PHRASE, t("phraseIsShort")).max(200, t("phraseIsShort"));
const personName = z.string().trim().min(1, t("whoIsIt")).max(60, t("whoIsIt"));
const tabletName = z.string().trim().min(1, t("nameTheTablet")).max(40, t("nameTheTablet"));

export const Nothing = z.strictObject({});
export const SignIn = z.strictObject({ personId: z.string().min(1), pin: typedPin });
export const ChefsPin = z.strictObject({ pin: typedPin });
export const PairingCode = z.strictObject({
  code: z.string().trim().min(6, t("codeIsWrong")).max(40, t("codeIsWrong")),
});
export const PhraseOpens = z.strictObject({
  phrase: z.string().min(1, t("phraseIsWrong")).max(200),
  tablet: tabletName,
});
export const FirstChef = z.strictObject({ name: personName, pin: NewPin, phrase: NewPhrase });
export const NewTablet = z.strictObject({ name: tabletName, kind: z.enum(["tablet", "screen"]) });
export const TabletId = z.strictObject({ tabletId: z.string().min(1) });
export const NewPerson = z.strictObject({ name: personName, role: z.enum(ROLES), pin: NewPin });
export const RoleOf = z.strictObject({ personId: z.string().min(1), role: z.enum(ROLES) });
export const PinOf = z.strictObject({ personId: z.string().min(1), pin: NewPin });
export const PersonId = z.strictObject({ personId: z.string().min(1) });

import { z } from "zod";
import { t } from "@/words/line";

const id = z.string().min(1).max(80);
const moment = z.number().int().min(0);

export const TypeTickets = z.strictObject({ text: z.string().trim().min(1, t("typeWhatIsWanted")).max(600) });
const course = { ticketId: id, course: z.number().int().min(1).max(20) };
export const OneCourse = z.strictObject(course);
export const CallAway = z.strictObject({ ...course, inMin: z.number().int().min(0).max(1440).nullable() });
export const MoveServe = z.strictObject({ ...course, wantedAtMs: moment });
export const OneTicket = z.strictObject({ ticketId: id });
export const OneLine = z.strictObject({ lineId: id });
export const SeeLine = z.strictObject({ lineId: id, by: z.string().trim().min(1, t("sayWhoSawIt")).max(60) });
export const Again = z.strictObject({
  lineId: id,
  count: z.number().int().min(1).max(40),
  reason: z.enum(["dropped", "overcooked", "back"]),
});
export const OnePan = z.strictObject({ panId: id });
export const PanStep = z.strictObject({ panId: id, index: z.number().int().min(0).max(30) });
export const MarkDone = z.strictObject({ taskId: id, done: z.boolean() });
export const PutBar = z.strictObject({ panId: id, startMs: moment.nullable() });
export const SpotOut = z.strictObject({
  kind: z.enum(["burner", "oven", "salamander", "fryer", "bath"]),
  out: z.boolean(),
});
export const SpotCount = z.strictObject({
  kind: z.enum(["burner", "oven", "rack", "salamander", "fryer"]),
  count: z.number().int().min(0).max(24),
});
export const Hands = z.strictObject({ hands: z.number().int().min(1).max(12) });
export const CountClose = z.strictObject({
  batchId: id,
  counted: z.number(t("howManyAreThere")).int(t("howManyAreThere")).min(0, t("howManyAreThere")).max(500),
  became: z.enum(["staff", "waste", "plate"]).nullable(),
});
export const Sender = z.strictObject({ name: z.string().trim().min(2, t("nameTheSender")).max(60) });
export const OvenTogether = z.strictObject({ ovenC: z.number().min(80).max(280), agreed: z.boolean() });

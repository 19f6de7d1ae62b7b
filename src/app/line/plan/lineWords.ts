import { err, ok, type Result } from "@/core/shared";
import type { GoneError } from "@/db/line/gone";
import type { LineError } from "@/db/line/lines";
import type { CallProblem } from "@/db/line/tickets";
import type { TicketProblem } from "@/house/line/ticketText";
import { timeText } from "@/words/format/format";
import { t } from "@/words/line";
import { refused, type ActionError } from "../../actionError";

/** Why what was typed is not read. */
export function ticketWords(problem: TicketProblem): string {
  switch (problem.kind) {
    case "noDish":
      return t("noDishIn", { line: problem.line });
    case "noTable":
      return t("noTableIn", { line: problem.line });
    case "noCard":
      return t("noCardCalled", { word: problem.word });
    case "noAllergen":
      return t("noAllergenCalled", { word: problem.word });
    case "manyCards":
      return t("manyAreCalled", { word: problem.word, names: problem.names.join(", ") });
    case "tooMany":
      return t("tooManyOf", { word: problem.word });
  }
}

export const callRefused = <T>(done: Result<T, CallProblem>): Result<T, ActionError> =>
  done.ok ? done : err(refused(done.error.kind, t("callRefused", { kind: done.error.kind })));

export const lineRefused = <T>(done: Result<T, LineError>): Result<null, ActionError> =>
  done.ok ? ok(null) : err(refused(done.error.kind, t("lineRefused", { kind: done.error.kind })));

export function goneRefused<T>(done: Result<T, GoneError>, timeZone: string): Result<T, ActionError> {
  if (done.ok) return done;
  const { error } = done;
  return err(
    error.kind === "goneAlready"
      ? refused(error.kind, t("goneAlreadyAt", { time: timeText(error.atMs, timeZone), who: error.who }))
      : refused(error.kind, t("goneRefused", { kind: error.kind })),
  );
}

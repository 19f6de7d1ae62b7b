import { SPECIES, isCooked } from "@/core/species";
import { findTimes } from "../plan";
import { METHODS, type CookForm, type Method } from "./table";
import { cookFormsOf, usualGoal, usualPiece, usualSchool } from "../plan";
import { shapeFor } from "../model";
import type { StageEnd } from "../plan";
import { bandOfEnd } from "../plan";
import { jobOf } from "../plan";
import { stagesOf } from "../plan";
import { isWay } from "./ways";
import { english } from "@/words/english.testkit";

/** What the words of a cue claim, and what must then be true of the model's own state at that moment. */
const CLAIMS: readonly { readonly words: RegExp; readonly holds: (end: StageEnd, seconds: number) => boolean }[] = [
  { words: /tail curls back|a leg pulls out/, holds: ({ centreC }) => centreC >= 45 },
  { words: /Blown up tight/, holds: (_, seconds) => seconds >= 90 },
  { words: /slides in\.|slides through/, holds: ({ tender }) => tender >= 0.97 },
  { words: /warm on the lip/, holds: ({ centreC }) => centreC >= 40 },
  { words: /hot in the middle|Hot on the lip/, holds: ({ centreC }) => centreC >= 48 },
  { words: /lets go of the bone|fin pulls out/, holds: ({ centreC }) => centreC >= 50 },
  {
    words: /^Opaque, (slightly|it gives)|^Opaque all round, it gives|Opaque through/,
    holds: ({ throughSet }) => throughSet,
  },
  { words: /Gold up the rim|has browned|Marks set|Colour on one face/, holds: ({ browned }) => browned },
  { words: /Hand-warm/, holds: ({ centreC }) => centreC < 50 },
  { words: /[Ff]lakes part under|flakes lift/, holds: ({ throughSet }) => throughSet },
];

const ANIMALS = SPECIES.filter(({ group }) => isCooked(group));
const SIZES = [0.75, 1.3];

/** One animal of each group and form that this method is a way for. */
function samples(method: Method) {
  const seen = new Set<string>();
  return ANIMALS.flatMap((species) =>
    cookFormsOf(species).flatMap((form) => {
      const piece = usualPiece(species, form);
      const shape = shapeFor(piece.shape, piece.sizeMm, piece.massG, species.compositionPct);
      const key = `${species.donenessGroup} ${form} ${shape.kind}`;
      if (seen.has(key) || !isWay(method, { species, shape, form })) return [];
      seen.add(key);
      return [{ species, form }];
    }),
  );
}

const jobFor = (method: Method, species: (typeof ANIMALS)[number], form: CookForm, times: number) => {
  const piece = usualPiece(species, form);
  const schoolId = usualSchool(method.id, piece.sizeMm);
  return jobOf({
    species,
    form,
    shape: shapeFor(piece.shape, piece.sizeMm * times, piece.massG * times, species.compositionPct),
    skin: piece.skin,
    startC: piece.startC,
    methodId: method.id,
    ...(schoolId === null ? {} : { schoolId }),
    goal: usualGoal(species, method.id, form),
    ruleSetId: "eu-853",
    pieceG: piece.massG * times,
  });
};

test.each(METHODS.map((method) => [method.id, method] as const))(
  "%s: over groups and sizes every cue is true of the piece at that moment",
  (_, method) => {
    for (const { species, form } of samples(method)) {
      for (const times of SIZES) {
        const job = jobFor(method, species, form, times);
        const found = findTimes(job, undefined, true);
        // what cannot be done has no cues to be wrong
        if (!found.ok) continue;
        const { programme, seconds } = found.value;
        const outcome = programme.outcome(seconds, { ...programme.setup, wholeFlesh: true });
        const stages = stagesOf(job.stages, job.setup.piece, outcome, (end) => bandOfEnd(job, end));
        for (const stage of stages) {
          const index = programme.stages.findIndex(({ id }) => id === stage.id);
          const end = outcome.ends[index]!;
          for (const { words, holds } of CLAIMS) {
            if (!words.test(english(stage.cue))) continue;
            const said = { method: method.id, species: species.id, form, times, cue: stage.cue, ...end };
            expect({ ...said, true: holds(end, stage.seconds) }).toEqual({ ...said, true: true });
          }
        }
      }
    }
    expect(samples(method).length).toBeGreaterThan(0);
  },
);

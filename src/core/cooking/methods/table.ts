import { keyed, keyedLater, textFor } from "@/core/shared";
import { PANS, shapeFor } from "../model";
import { DRY_METHODS } from "./dry";
import type { Kit, KnobId, Method, MethodId } from "./method";
import { MORE_METHODS } from "./more";
import { PAN_METHODS } from "./pan";
import { SHELLFISH_METHODS } from "./shellfish";
import { SKIN_METHODS } from "./skinCrisp";
import { WET_METHODS } from "./wet";

/** Stages are built for a piece; their names have keys of method, school and stage. */
const named = (method: Method): Method => ({
  ...method,
  build: (context) =>
    method.build(context).map((stage) => ({
      ...stage,
      name: textFor(stageKey(method.id, context.school, stage.id), stage.name),
    })),
});
const stageKey = (methodId: string, school: string, stageId: string) =>
  `stages.${methodId}.${school || "any"}.${stageId}`;

export const METHODS: readonly Method[] = keyed(
  "methods",
  [...SKIN_METHODS, ...PAN_METHODS, ...SHELLFISH_METHODS, ...WET_METHODS, ...DRY_METHODS, ...MORE_METHODS].map(named),
  ["label"],
);

keyedLater(() =>
  Object.fromEntries(
    METHODS.flatMap((method) =>
      (method.schools.length > 0 ? method.schools.map(({ id }) => id) : [""]).flatMap((school) => {
        const composition = { water: 76, protein: 20, fat: 2, carbohydrate: 0, ash: 2 };
        const shape = shapeFor(method.suits.shapes[0]!, 25, 160, composition);
        const [group] = method.suits.groups;
        const piece = {
          shape,
          group: group!,
          composition,
          filling: null,
          skin: true,
          startC: 8,
          massG: 160,
          coatMm: 0,
        };
        const built = method.build({ piece, kit: kitOf(method, school), pan: PANS[0], school });
        return built.map(({ id, name }) => [stageKey(method.id, school, id), name] as const);
      }),
    ),
  ),
);

export const METHOD_IDS = METHODS.map(({ id }) => id) as [MethodId, ...MethodId[]];

export function methodOf(id: MethodId): Method {
  const found = METHODS.find((method) => method.id === id);
  if (!found) throw new Error(`no method ${id} in the table`);
  return found;
}

const PLAIN: Kit = { panC: 200, ovenC: 180, mediumC: 80, secondC: 140, sourceC: 600, distanceMm: 100 };

/** The settings of a method and school: the usual ones, changed where the cook has said so. */
export function kitOf(method: Method, school: string, changed: Partial<Record<KnobId, number>> = {}): Kit {
  const usual = Object.fromEntries(method.knobs.map(({ id, usual: value }) => [id, value]));
  return { ...PLAIN, ...usual, ...method.schools.find(({ id }) => id === school)?.kit, ...changed };
}

export { CRISP_CRUST_MM, crispsSkin } from "./skinCrisp";
export { KITCHEN, liquid, metal, sidesOf } from "./method";
export type { AtEnd, Cue } from "./cue";
export { COOK_FORMS, type CookForm } from "./method";
export type { Kit, Knob, KnobId, Method, MethodId, Practice, School, StageTemplate } from "./method";

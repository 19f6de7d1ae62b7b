import type { Ahead } from "@/house/line/ahead";
import type { Format } from "@/words/format/format";
import { t } from "@/words/cards";

/** What is set going days before, in words. */
export function aheadText(one: Ahead, format: Pick<Format, "mass">): string {
  switch (one.kind) {
    case "thaw":
      return t("thawIt", { mass: format.mass(one.massG), title: one.title, code: one.code });
    case "stock":
      return t("stockFor", { mass: format.mass(one.massG), name: one.name });
    case "cure":
      return t("cureAhead", {
        mass: format.mass(one.massG),
        name: one.name,
        hours: Math.round(one.cureH),
        rest: Math.round(one.restH),
      });
    case "cook":
      return t("cookAhead", { name: one.name, covers: one.covers });
  }
}

import { SPECIES, isCooked } from "@/core/species";
import { planCook, openingOf, shapeFor, waysFor, cookFormsOf, methodOf } from "@/core/cooking";
import { WAYS } from "@/core/cooking/data/ways";
const miss = new Set<string>();
for (const s of SPECIES) for (const w of s.usualMethods) if (!(w in WAYS)) miss.add(w);
console.log("missing ways", [...miss]);
for (const s of SPECIES.filter((x) => isCooked(x.group)))
  for (const form of cookFormsOf(s)) {
    try {
      const o = openingOf(s, { form });
      const shape = shapeFor(o.shape, o.sizeMm, o.massG, s.compositionPct);
      const p = planCook({
        species: s,
        shape,
        form: o.form,
        skin: o.skin,
        startC: o.startC,
        methodId: o.methodId,
        ...(o.schoolId ? { schoolId: o.schoolId } : {}),
        goal: o.goal,
        ruleSetId: "fda-2022",
        pieceG: o.massG,
        pieces: o.pieces,
      });
      if (!p.ok) {
        console.log(s.id, form, o.methodId, "FAIL", p.error.message);
        continue;
      }
      const v = p.value;
      console.log(
        s.id,
        form,
        o.methodId,
        o.schoolId ?? "",
        o.shape,
        o.sizeMm,
        Math.round(o.massG) + "g",
        o.pieces + "x",
        JSON.stringify(o.goal),
        "|",
        v.stages.map((x) => x.name + " " + Math.round(x.seconds) + "s").join(", "),
        "| pull",
        v.pullC.toFixed(0),
        "peak",
        v.peakC.toFixed(1),
        "rim",
        v.rimMm.toFixed(1),
        "win",
        Math.round(v.window.earlyS),
        Math.round(v.window.lateS),
        v.refusal?.why ?? "",
        v.band,
        "ways",
        waysFor({ species: s, shape, form: o.form }).length,
      );
    } catch (e) {
      console.log(s.id, form, "THROW", String(e));
    }
  }

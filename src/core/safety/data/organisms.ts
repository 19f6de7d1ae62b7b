import { keyed } from "@/core/shared";
import type { LethalReference } from "../lethality";

/** Reference organisms a cook may be held against; the first is the default because guidance prints it. */
export type Organism = LethalReference & { readonly id: string; readonly label: string; readonly source: string };

export const ORGANISMS = keyed(
  "organisms",
  [
    {
      id: "listeria-70",
      label: "Listeria, 2 min at 70 °C for 6 log",
      dMin: 0.33,
      tRefC: 70,
      zC: 7.5,
      source:
        "FDA Fish and Fishery Products Hazards and Controls Guidance, App. 4, table A-3 (memory, high); from 55 °C only",
    },
    {
      id: "listeria-lean",
      label: "Listeria in lean fish",
      dMin: 2.88,
      tRefC: 60,
      zC: 5.6,
      source: "Embarek and Huss 1993, Int. J. Food Microbiol.: cod (memory, low)",
    },
    {
      id: "listeria-fatty",
      label: "Listeria in fatty fish",
      dMin: 5.48,
      tRefC: 60,
      zC: 5.6,
      source: "Embarek and Huss 1993, Int. J. Food Microbiol.: salmon (memory, low)",
    },
    {
      id: "botulinum-b",
      label: "Non-proteolytic C. botulinum, 10 min at 90 °C for 6 log",
      dMin: 10 / 6,
      tRefC: 90,
      zC: 7,
      source:
        "FDA Fish and Fishery Products Hazards and Controls Guidance, App. 4, table A-4 (memory, high); z 7 below 90 °C",
    },
  ] as const satisfies readonly Organism[],
  ["label"],
);

/** No claim is made from below this: some growth is possible near 45 °C. */
export const LETHAL_FROM_C = 55;

import { keyed } from "@/core/shared";
import type { Anatomy, Species } from "@/core/species";
import { part, step, YIELD_SOURCES as S, type Breakdown, type Step } from "../anatomy";

const live = (what: string, care: string): Step => ({ ...step(what, [], care), onlyAlive: true });

const built =
  (...as: readonly Anatomy[]) =>
  ({ anatomy }: Species) =>
    as.includes(anatomy);

const WELFARE = "Quickly, one at a time; the animal-welfare law of the place decides what is allowed.";
/** One way for each animal; only where it is alive. */
const KILL_LOBSTER = live(
  "Chill it numb or stun it, then a heavy knife straight down the middle line of the head, and on through",
  WELFARE,
);
const KILL_CRAB = live(
  "Chill it numb or stun it, turn it over, lift the tail flap, a spike through both nerve centres: behind it and between the eyes",
  WELFARE,
);

export const SHELLFISH: readonly Breakdown[] = keyed(
  "breakdowns",
  [
    {
      id: "lobster-cooked",
      animal: "lobster",
      label: "Cooked and picked",
      why: "everything out of the shell, ready for tartlets and sauces",
      from: ["live", "raw-whole", "cooked"],
      fits: built("lobster"),
      usual: true,
      steps: [
        KILL_LOBSTER,
        step("Skewer up the tail so that it stays straight", [], "Count skewers out and in."),
        step("Boil or steam, into ice water"),
        step("Twist off tail, claws and knuckles", ["body"]),
        step("Crack claws whole, part the knuckles, roll the legs out", ["claws", "knuckles", "legs"]),
        step("Shell off the tail, vein out, skewer drawn", ["tail"]),
        step("Coral and tomalley spooned out", ["coral"], "Not from closed waters: tomalley gathers toxins."),
      ],
      parts: [
        part("tail", "Tail meat", [11, 14, 16], "portions", "picked", S.practice),
        part("claws", "Claw meat", [7, 9, 11], "portions", "picked", S.practice),
        part("knuckles", "Knuckle meat", [3, 4, 5], "portions", "picked", S.practice),
        part("legs", "Legs, rolled out", [1, 1.5, 2], "cakes", "picked", S.practice),
        part("coral", "Coral and tomalley", [4, 5, 6], "sauce", "by-product", S.guess),
        part("body", "Shell and body", [52, 57, 60], "stock", "by-product", S.practice),
      ],
    },
    {
      id: "lobster-raw-tail",
      animal: "lobster",
      label: "Raw tail for butter, claws cooked",
      why: "the tail cooks once, in the butter",
      from: ["live", "raw-whole"],
      fits: built("lobster"),
      usual: false,
      steps: [
        KILL_LOBSTER,
        step("Twist off tail and claws", ["body"]),
        step("Scald the tail 15-30 s, shell it raw, vein out; skewer it straight", ["tail"]),
        step("Claws and knuckles boiled, cracked whole", ["claws", "knuckles"]),
        step("Coral and tomalley spooned out", ["coral"]),
      ],
      parts: [
        part("tail", "Tail meat, raw", [13, 16, 18], "portions", "tails", S.guess),
        part("claws", "Claw meat, cooked", [7, 9, 11], "portions", "picked", S.practice),
        part("knuckles", "Knuckle meat, cooked", [3, 4, 5], "portions", "picked", S.practice),
        part("coral", "Coral and tomalley", [4, 5, 6], "sauce", "by-product", S.guess),
        part("body", "Shell and body", [52, 57, 60], "stock", "by-product", S.practice),
      ],
    },
    {
      id: "lobster-spiny",
      animal: "lobster",
      label: "Tail off the spiny lobster",
      why: "no claws: tail and shell are all there is",
      from: ["live", "raw-whole"],
      fits: built("spiny-lobster"),
      usual: true,
      steps: [
        KILL_LOBSTER,
        step("Twist off the tail, push a feeler through for the vein"),
        step("Cut the belly shell, lift the meat out", ["tail", "body"]),
      ],
      parts: [
        part("tail", "Tail meat", [22, 26, 30], "portions", "tails", S.alaska),
        part("body", "Shell and body", [60, 66, 71], "stock", "by-product", S.guess),
      ],
    },
    {
      id: "crab-brown",
      animal: "crab",
      label: "White and brown meat",
      why: "brown meat carries the taste: kept apart",
      from: ["live", "raw-whole", "cooked"],
      fits: built("crab"),
      usual: true,
      steps: [
        KILL_CRAB,
        step("Boil or steam, let it cool on its back"),
        step("Claws and legs off, cracked and picked", ["white"]),
        step(
          "Body out of the shell; gills pulled off and counted away",
          ["gills"],
          "Dead man’s fingers are not eaten.",
        ),
        step("Brown meat spooned out, body chambers picked", ["brown", "shell"]),
        step("Sift twice for shell under good light"),
      ],
      parts: [
        part("white", "White meat", [12, 15, 18], "portions", "picked", S.torry),
        part("brown", "Brown meat", [12, 15, 18], "sauce", "picked", S.torry),
        part("shell", "Shell", [52, 58, 62], "stock", "by-product", S.guess),
        part("gills", "Gills", [2, 3, 4], "waste", "by-product", S.guess),
      ],
    },
    {
      id: "crab-other",
      animal: "crab",
      label: "Picked meat",
      why: "lump apart from flake",
      from: ["live", "raw-whole", "cooked"],
      fits: built("leg-crab"),
      usual: true,
      steps: [
        KILL_CRAB,
        step("Boil or steam, cool"),
        step("Claws and legs off, cracked and picked", ["meat"]),
        step("Body open, gills out, chambers picked", ["gills", "shell"]),
        step("Sift twice for shell under good light"),
      ],
      parts: [
        part("meat", "Picked meat", [10, 14, 16], "portions", "picked", S.alaskaHigh, "skinless"),
        part("shell", "Shell", [62, 70, 76], "stock", "by-product", S.guess),
        part("gills", "Gills", [2, 3, 4], "waste", "by-product", S.guess),
      ],
    },
    {
      id: "langoustine-peeled",
      animal: "langoustine",
      label: "Peeled tails",
      why: "for the hot pan or raw; heads to the bisque",
      from: ["live", "raw-whole"],
      fits: built("langoustine"),
      usual: true,
      steps: [
        step("Twist off the tail, drawing the vein with the middle fin", ["heads"]),
        step("Squeeze, crack and peel the tail", ["tails", "shells"]),
      ],
      parts: [
        part("tails", "Peeled tails", [19, 23, 26], "portions", "tails", S.torry),
        part("heads", "Heads and claws", [62, 65, 68], "stock", "by-product", S.practice),
        part("shells", "Tail shells", [7, 9, 11], "stock", "by-product", S.guess),
      ],
    },
    {
      id: "shrimp-whole",
      animal: "shrimp",
      label: "Head-on to peeled",
      why: "heads and shells make the bisque",
      from: ["raw-whole"],
      fits: built("shrimp"),
      usual: true,
      steps: [
        step("Heads off with a twist", ["heads"]),
        step("Shell off, tail fan left on if it shows", ["shells"]),
        step("Slit the back, vein out", ["meat"]),
      ],
      parts: [
        part("meat", "Peeled", [48, 52, 56], "portions", "tails", S.arithmetic),
        part("heads", "Heads", [32, 35, 40], "stock", "by-product", S.alaskaHigh),
        part("shells", "Shells", [8, 11, 14], "stock", "by-product", S.guess),
      ],
    },
    {
      id: "shrimp-tails",
      animal: "shrimp",
      label: "Headless to peeled",
      why: "frozen tails, thawed and peeled",
      from: ["tails"],
      fits: built("shrimp"),
      usual: true,
      steps: [step("Shell off, tail fan left on if it shows", ["shells"]), step("Slit the back, vein out", ["meat"])],
      parts: [
        part("meat", "Peeled, vein out", [76, 80, 86], "portions", "tails", S.yields),
        part("shells", "Shells", [12, 16, 20], "stock", "by-product", S.guess),
      ],
    },
    {
      id: "scallop-muscle",
      animal: "scallop",
      label: "Muscle, coral kept apart",
      why: "the muscle alone is the low-risk part",
      from: ["live"],
      fits: built("scallop"),
      usual: true,
      steps: [
        step("Knife flat along the flat shell, free the muscle", [], "Folded cloth, short knife, hinge away."),
        step("Lift skirt, gut and coral away in one", ["coral", "skirts", "shells"]),
        step("Side muscle off: it stays tough", []),
        step("Rinse off sand fast, dry on cloth", ["muscles"]),
      ],
      parts: [
        part("muscles", "White muscles", [11, 14, 18], "portions", "shucked", S.torry, "skinless"),
        part("coral", "Corals", [3, 4, 6], "sauce", "by-product", S.torry),
        part("skirts", "Skirts, washed", [6, 9, 12], "stock", "by-product", S.guess),
        part("shells", "Shells", [45, 52, 60], "waste", "by-product", S.guess),
      ],
    },
    {
      id: "oyster-opened",
      animal: "oyster",
      label: "Opened to order",
      why: "on the half shell or for the cream",
      from: ["live"],
      fits: built("oyster"),
      usual: true,
      steps: [
        step("Scrub; throw out what gapes and does not shut"),
        step(
          "Knife in at the hinge, twist, cut the muscle above and below",
          ["meats"],
          "Cut-proof glove on the holding hand; any cut: wash, plaster, glove.",
        ),
        step("Smell each one; liquor through a cloth", ["liquor", "shells"]),
      ],
      parts: [
        part("meats", "Meats, drained", [8, 12, 16], "raw", "shucked", S.practice, "skinless"),
        part("liquor", "Liquor, strained", [4, 7, 10], "sauce", "by-product", S.guess),
        part("shells", "Shells", [70, 76, 82], "waste", "by-product", S.guess),
      ],
    },
    {
      id: "mussel-pot",
      animal: "mussel-clam",
      label: "Sorted and bearded for the pot",
      why: "they stay alive until the pan",
      from: ["live"],
      fits: built("mussel", "clam", "snail"),
      usual: true,
      steps: [
        step("Throw out broken and dead: tap, wait, closed ones stay", ["dead"]),
        step("Clams and cockles: purge in clean salt water of 3-3.5 %"),
        step("Beard mussels at the last moment", ["ready"]),
      ],
      parts: [
        part("ready", "Ready for the pot", [92, 96, 99], "portions", "live", S.practice),
        part("dead", "Dead, broken, beards", [1, 3, 8], "waste", "by-product", S.practice),
      ],
    },
    {
      id: "mussel-meat",
      animal: "mussel-clam",
      label: "Opened in steam, meats picked",
      why: "for sauces and cold plates; the liquor is worth keeping",
      from: ["live"],
      fits: built("mussel", "clam", "snail"),
      usual: false,
      steps: [
        step("Throw out broken and dead", []),
        step("Lid on, fierce heat until they open, no longer", ["liquor"], "Steam: open the lid away from you."),
        step("Pick the meats; unopened ones go", ["meats", "shells"]),
      ],
      parts: [
        part("meats", "Cooked meats", [12, 20, 30], "portions", "picked", S.practice, "skinless"),
        part("liquor", "Liquor, strained", [15, 20, 25], "stock", "by-product", S.practice),
        part("shells", "Shells", [40, 48, 58], "waste", "by-product", S.guess),
      ],
    },
    {
      id: "squid-clean",
      animal: "squid",
      label: "Tube, wings, tentacles, ink",
      why: "pink skin left on: it colours and flavours",
      from: ["raw-whole"],
      fits: built("squid"),
      usual: true,
      steps: [
        step("Pull head and guts out of the tube in one"),
        step("Cut in front of the eye; beak out; ink sac whole", ["tentacles", "ink"]),
        step("Quill out; wings off", ["wings"]),
        step("Turn the tube, wash out grit; the two inner strips kept", ["tube", "strips"]),
      ],
      parts: [
        part("tube", "Tubes, skin on", [37, 40, 43], "portions", "cleaned", S.alaska),
        part("wings", "Wings", [8, 10, 12], "portions", "cleaned", S.guess),
        part("tentacles", "Tentacles", [21, 24, 27], "portions", "cleaned", S.guess),
        part("strips", "Inner strips", [1, 1.5, 2], "cakes", "cleaned", S.guess),
        part("ink", "Ink sacs", [0.3, 0.6, 1], "sauce", "by-product", S.guess),
      ],
    },
    {
      id: "cuttlefish-clean",
      animal: "cuttlefish",
      label: "Body, arms, ink",
      why: "the ink is the sauce",
      from: ["raw-whole"],
      fits: built("cuttlefish"),
      usual: true,
      steps: [
        step("Slit the back, lift the bone out"),
        step("Ink sac out whole, tied or frozen at once", ["ink"]),
        step("Guts out; cut in front of the eye, beak out", ["arms"]),
        step("Skin both layers off, rinse", ["body"]),
      ],
      parts: [
        part("body", "Bodies", [36, 40, 44], "portions", "cleaned", S.alaska),
        part("arms", "Arms", [19, 22, 25], "portions", "cleaned", S.practice),
        part("ink", "Ink sacs", [0.5, 0.9, 1.5], "sauce", "by-product", S.guess),
      ],
    },
    {
      id: "octopus-clean",
      animal: "octopus",
      label: "Cleaned raw",
      why: "freezing or beating then does the tenderising",
      from: ["raw-whole"],
      fits: built("octopus"),
      usual: true,
      steps: [
        step("Turn the head, guts and eyes out"),
        step("Beak out from below", ["offal"]),
        step("Rub with salt, rinse the suckers", ["octopus"]),
      ],
      parts: [
        part("octopus", "Cleaned", [80, 85, 90], "portions", "cleaned", S.practice),
        part("offal", "Guts, eyes, beak", [8, 12, 18], "waste", "by-product", S.guess),
      ],
    },
    {
      id: "octopus-simmered",
      animal: "octopus",
      label: "Simmered and cooled",
      why: "ready for the grill; half its weight stays in the pot",
      from: ["cleaned"],
      fits: built("octopus"),
      usual: true,
      steps: [
        step("Cover with water as salty as the sea, bring to a simmer, lid on, about 40 min"),
        step("Cool in its water, then in the cold; a pot this size is watched against the cooling rule", [
          "octopus",
          "liquor",
        ]),
        step("Strip the skin by hand, suckers left on"),
      ],
      parts: [
        part("octopus", "Cooked", [45, 50, 55], "portions", "cleaned", S.practice),
        part("liquor", "Cooking liquor", [20, 30, 40], "stock", "by-product", S.guess),
      ],
    },
  ],
  ["label", "why", "do", "care"],
);

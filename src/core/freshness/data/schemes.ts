import { keyed } from "@/core/shared";
import type { Scheme, SchemeId } from "../attribute";

/**
 * Graded signs in the station's own words. The frame of what inspectors look at is Reg. (EC) 2406/96, Annex I (memory, high); the
 * wording and the grades are common practice throughout. A fish that smells is refused by its smell alone.
 */
export const SCHEMES: Readonly<Record<SchemeId, Scheme>> = keyed(
  "schemes",
  {
    "whole-round": {
      id: "whole-round",
      label: "whole round fish",
      attributes: [
        {
          id: "skin",
          label: "Skin",
          decisive: false,
          words: [
            "glistening, colours alive, scales tight",
            "bright, a little faded",
            "dull, scales loosen",
            "brown or yellow, scales drop",
          ],
        },
        {
          id: "slime",
          label: "Slime",
          decisive: false,
          words: ["clear and thin", "slightly milky", "opaque, thick", "yellow-brown, clotted"],
        },
        {
          id: "eye",
          label: "Eye",
          decisive: false,
          words: ["domed, black, clear", "flatter, slight haze", "flat, grey pupil", "sunken, milky or bloody"],
        },
        {
          id: "gill-colour",
          label: "Gill colour",
          decisive: false,
          words: ["bright red, as the species", "paler, pink", "brown tinge", "grey, bleached"],
        },
        {
          id: "gill-smell",
          label: "Gill smell",
          decisive: true,
          words: [
            "sea, seaweed, cut cucumber",
            "neutral, faint metal",
            "malty, bready, musty",
            "sour, ammonia, sulphur",
          ],
        },
        {
          id: "flesh-spring",
          label: "Flesh under the finger",
          decisive: false,
          words: ["stiff, or springs at once", "springs back slowly", "dent stays a while", "dent stays, soft"],
        },
        {
          id: "belly",
          label: "Belly and vent",
          decisive: false,
          words: ["firm, vent tight", "slightly soft", "soft, vent gaping", "burst, ribs free"],
        },
        {
          id: "cavity",
          label: "Cavity and backbone blood",
          decisive: false,
          words: [
            "bright red, lining shines",
            "darker red",
            "brown, lining dull",
            "brown smear, rotten, red along the bone",
          ],
        },
      ],
    },
    flatfish: {
      id: "flatfish",
      label: "whole flatfish",
      attributes: [
        {
          id: "dark-side",
          label: "Dark side",
          decisive: false,
          words: ["vivid spots, wet shine", "slightly faded", "dull, greyish", "washed out, dry patches"],
        },
        {
          id: "white-side",
          label: "White side",
          decisive: false,
          words: ["porcelain white", "cream at the edges", "yellow tint, pink bruise", "yellow or green-grey"],
        },
        {
          id: "slime",
          label: "Slime",
          decisive: false,
          words: ["clear, plenty", "milky", "thick, grey", "yellow, sour"],
        },
        {
          id: "eye",
          label: "Eye",
          decisive: false,
          words: ["raised, bright", "level", "level, dull", "sunken, cloudy"],
        },
        {
          id: "gill",
          label: "Gill and its smell",
          decisive: true,
          words: ["red-pink, smells of sea", "pale, neutral", "brown, yeasty", "grey, foul"],
        },
        {
          id: "stiffness",
          label: "Held flat",
          decisive: false,
          words: ["stiff as a board", "bends a little", "droops", "hangs limp"],
        },
        {
          id: "flesh-cut",
          label: "Flesh at a cut",
          decisive: false,
          words: ["bluish, glassy", "white, firm", "waxy white", "opaque, soft, smears"],
        },
      ],
    },
    salmonid: {
      id: "salmonid",
      label: "whole salmonid",
      attributes: [
        {
          id: "skin",
          label: "Skin",
          decisive: false,
          words: ["silver mirror, pearl shine", "less shine", "dull, belly yellowing", "yellowed, ropes of slime"],
        },
        {
          id: "eye",
          label: "Eye",
          decisive: false,
          words: ["domed, jet black", "slightly flat", "matt pupil", "sunken, grey"],
        },
        {
          id: "gill",
          label: "Gill",
          decisive: true,
          words: ["deep red, clean slime", "lighter red", "brownish, slime in clumps", "brown-grey, stringy"],
        },
        {
          id: "smell",
          label: "Smell",
          decisive: true,
          words: ["cucumber, sea, melon", "neutral", "sour milk, stale oil", "rancid, rotten"],
        },
        {
          id: "abdomen",
          label: "Abdomen",
          decisive: false,
          words: ["firm, nothing leaks", "slightly soft", "soft", "burst, oil seeps"],
        },
        {
          id: "cavity",
          label: "Cavity",
          decisive: false,
          words: ["blood red, lining bright", "brownish red", "tea brown", "brown, smells"],
        },
        {
          id: "finger-print",
          label: "Finger print",
          decisive: false,
          words: ["gone in a second", "gone in three", "stays longer", "stays"],
        },
        {
          id: "gaping",
          label: "Gaping at a cut",
          decisive: false,
          words: ["none", "one or two slits", "many slits", "flakes part"],
        },
      ],
    },
    fillet: {
      id: "fillet",
      label: "fillet or side",
      attributes: [
        {
          id: "surface",
          label: "Surface",
          decisive: false,
          words: ["moist gloss, translucent", "slightly matt", "dry edge or wet with drip", "slimy or dry crust"],
        },
        {
          id: "colour",
          label: "Colour",
          decisive: false,
          words: [
            "even and clear, blood line red",
            "cream cast, blood line dark",
            "yellow, blood line brown",
            "grey, green or rust",
          ],
        },
        {
          id: "smell",
          label: "Smell",
          decisive: true,
          words: ["none, or sea", "milk, slight fish", "sour, stale, rancid note", "ammonia, rot"],
        },
        {
          id: "texture",
          label: "Under the finger",
          decisive: false,
          words: ["springs back", "comes back slowly", "soft", "mush"],
        },
        {
          id: "gaping",
          label: "Gaping",
          decisive: false,
          words: ["none", "under a tenth of its length", "a tenth to a quarter", "more than a quarter"],
        },
        {
          id: "drip",
          label: "Drip in the tray",
          decisive: false,
          words: ["under 1 %", "1-3 %", "3-5 %", "over 5 %, cloudy"],
        },
      ],
    },
    "tuna-loin": {
      id: "tuna-loin",
      label: "loin of a large fish",
      attributes: [
        {
          id: "core-colour",
          label: "Colour of the core",
          decisive: false,
          words: [
            "clear red to pink, translucent",
            "slight brown rim",
            "brown ring, chocolate",
            "brown through, green or rainbow",
          ],
        },
        {
          id: "film",
          label: "Surface film",
          decisive: false,
          words: ["silky dry, bright", "matt", "wet, sticky", "slime"],
        },
        {
          id: "grain",
          label: "Grain",
          decisive: false,
          words: ["tight rings", "small splits", "gaps, an opaque burnt patch", "honeycomb, mush"],
        },
        {
          id: "smell",
          label: "Smell",
          decisive: true,
          words: ["none, fresh meat", "faint metal", "sour, oily", "pungent, ammonia"],
        },
        {
          id: "blood-line",
          label: "Blood line",
          decisive: false,
          words: ["deep red", "maroon", "brown", "black-brown, smells"],
        },
        {
          id: "tint",
          label: "Even bright pink of gas or nitrite",
          decisive: true,
          words: [
            "no: shades vary over the cut",
            "hardly: a shade too even",
            "suspect: ask the supplier",
            "treated and not on the label",
          ],
        },
      ],
    },
    "live-crustacean": {
      id: "live-crustacean",
      label: "live crustacean",
      attributes: [
        {
          id: "lift",
          label: "Lift test",
          decisive: true,
          words: ["tail snaps, claws up", "slower", "limp, moves when touched", "does not move"],
        },
        {
          id: "antenna",
          label: "Antennae, eyes, mouth parts",
          decisive: false,
          words: ["quick", "slow", "only a twitch", "still"],
        },
        {
          id: "shell",
          label: "Shell",
          decisive: false,
          words: ["hard, whole, heavy for its size", "slight wear", "soft, light, a limb lost", "cracked, leaking"],
        },
        { id: "smell", label: "Smell", decisive: true, words: ["sea", "neutral", "muddy", "ammonia"] },
        {
          id: "joints",
          label: "Joint membranes",
          decisive: false,
          words: ["clear, tight", "clear", "cloudy", "swollen, black"],
        },
      ],
    },
    "raw-shrimp": {
      id: "raw-shrimp",
      label: "raw shrimp or langoustine, not alive",
      attributes: [
        {
          id: "shell-colour",
          label: "Shell and head",
          decisive: false,
          words: ["clear, tight", "first grey tint", "black edges, under a quarter", "black over a quarter"],
        },
        {
          id: "tail",
          label: "Tail",
          decisive: false,
          words: ["tight curl, springs back", "springs slowly", "slack", "limp, straight"],
        },
        {
          id: "meat",
          label: "Meat",
          decisive: false,
          words: ["firm, glassy", "slightly soft", "pasty, pink", "mushy"],
        },
        { id: "smell", label: "Smell", decisive: true, words: ["sweet, sea", "neutral", "stale", "ammonia, sour"] },
        { id: "head-join", label: "Head join", decisive: false, words: ["firm", "loose", "dark", "drops off"] },
      ],
    },
    "cooked-crustacean": {
      id: "cooked-crustacean",
      label: "cooked crustacean",
      attributes: [
        {
          id: "shell-colour",
          label: "Shell colour",
          decisive: false,
          words: ["bright, glossy", "slightly faded", "dull, dark head", "black spots, green"],
        },
        {
          id: "tail",
          label: "Tail or leg",
          decisive: false,
          words: ["tight curl, springs back", "springs slowly", "slack", "straight and limp: it was dead"],
        },
        {
          id: "meat",
          label: "Meat",
          decisive: false,
          words: ["firm, pearly", "slightly soft", "pasty or tough", "mushy"],
        },
        { id: "smell", label: "Smell", decisive: true, words: ["sweet, sea", "neutral", "stale", "ammonia, sour"] },
        { id: "head-join", label: "Head join", decisive: false, words: ["firm", "loose", "dark", "drops off"] },
      ],
    },
    "live-bivalve": {
      id: "live-bivalve",
      label: "live bivalve",
      attributes: [
        {
          id: "closing",
          label: "Closing on a tap",
          decisive: true,
          words: ["shut, or shuts in 5 s", "shuts within 30 s", "slow and weak", "stays open: dead"],
        },
        {
          id: "weight",
          label: "Weight and sound",
          decisive: false,
          words: ["heavy, sounds like stone", "solid", "light", "hollow, or full of mud"],
        },
        { id: "liquor", label: "Liquor", decisive: false, words: ["clear, plenty", "little", "cloudy", "dry or foul"] },
        { id: "smell", label: "Smell", decisive: true, words: ["clean sea", "neutral", "muddy", "rotten"] },
        { id: "shell", label: "Shell", decisive: false, words: ["clean, whole", "chips", "small cracks", "smashed"] },
      ],
    },
    "shucked-bivalve": {
      id: "shucked-bivalve",
      label: "shucked scallop or oyster",
      attributes: [
        {
          id: "colour",
          label: "Colour",
          decisive: false,
          words: ["ivory to pink, translucent", "cream", "yellow tint, or chalk white from soaking", "grey-brown"],
        },
        {
          id: "feel",
          label: "Feel",
          decisive: false,
          words: ["dry, sticky, may twitch", "firm", "wet, swollen", "soft, slimy"],
        },
        {
          id: "smell",
          label: "Smell",
          decisive: true,
          words: ["sweet sea", "neutral", "hint of sulphur", "sour, foul"],
        },
        { id: "liquid", label: "Liquid", decisive: false, words: ["none", "a trace", "milky pool", "thick, stringy"] },
      ],
    },
    cephalopod: {
      id: "cephalopod",
      label: "squid, cuttlefish or octopus",
      attributes: [
        {
          id: "skin",
          label: "Skin",
          decisive: false,
          words: [
            "live spots, shifting colour, tight",
            "clear pattern, slightly faded",
            "pink and diffuse, loose",
            "red-purple bleeds into the flesh, peels",
          ],
        },
        {
          id: "flesh",
          label: "Flesh",
          decisive: false,
          words: ["pearly, translucent", "milk white", "cream, dull", "pink-yellow, soft"],
        },
        {
          id: "arms",
          label: "Arms and suckers",
          decisive: false,
          words: ["hard to tear, still grip", "firm", "tear easily", "suckers fall off"],
        },
        { id: "eye", label: "Eye", decisive: false, words: ["clear, black", "slight haze", "opaque", "burst, sunken"] },
        {
          id: "smell",
          label: "Smell",
          decisive: true,
          words: ["sea, seaweed", "neutral", "stale ink", "ammonia, pungent"],
        },
      ],
    },
    roe: {
      id: "roe",
      label: "roe",
      attributes: [
        {
          id: "sacs",
          label: "Sacs",
          decisive: false,
          words: ["taut, bright veins", "firm", "soft, a dark vein", "split, smells"],
        },
        {
          id: "eggs",
          label: "Loose eggs",
          decisive: false,
          words: ["round, separate, pop", "slightly sticky", "sticky, milky liquid", "crushed, bitter, sour"],
        },
        { id: "smell", label: "Smell", decisive: true, words: ["clean sea", "neutral", "oily, stale", "sour, rotten"] },
      ],
    },
    urchin: {
      id: "urchin",
      label: "sea urchin",
      attributes: [
        {
          id: "spines",
          label: "Spines",
          decisive: false,
          words: ["move, heavy in the hand", "slow", "lie flat", "drop"],
        },
        {
          id: "tongues",
          label: "Tongues",
          decisive: false,
          words: ["whole, grainy, bright", "firm, pale", "edges melt", "brown liquid"],
        },
        {
          id: "smell",
          label: "Smell",
          decisive: true,
          words: ["sea, sweet", "neutral", "faint iodine", "iodine reek, bitter"],
        },
      ],
    },
    "sea-cucumber": {
      id: "sea-cucumber",
      label: "sea cucumber",
      attributes: [
        {
          id: "body",
          label: "Body",
          decisive: false,
          words: ["firm, draws together", "firm", "slack", "melts, wall gone soft"],
        },
        { id: "smell", label: "Smell", decisive: true, words: ["sea", "neutral", "stale", "rotten"] },
        {
          id: "skin",
          label: "Skin",
          decisive: false,
          words: ["whole, bright", "whole, dull", "worn", "peels in slime"],
        },
      ],
    },
    snail: {
      id: "snail",
      label: "whelk or sea snail",
      attributes: [
        {
          id: "foot",
          label: "Foot when touched",
          decisive: true,
          words: ["draws in at once", "draws in slowly", "hardly moves", "hangs out, no move: dead"],
        },
        { id: "smell", label: "Smell", decisive: true, words: ["clean sea", "neutral", "muddy", "rotten"] },
        {
          id: "weight",
          label: "Weight and sound",
          decisive: false,
          words: ["heavy, solid", "solid", "light", "empty or full of mud"],
        },
        { id: "shell", label: "Shell", decisive: false, words: ["whole", "chips", "small cracks", "smashed"] },
      ],
    },
    frozen: {
      id: "frozen",
      label: "frozen",
      attributes: [
        {
          id: "hardness",
          label: "Hardness",
          decisive: true,
          words: ["hard right through", "hard, rim a shade soft", "gives under the thumb", "soft: it has thawed"],
        },
        {
          id: "ice",
          label: "Ice in the pack",
          decisive: false,
          words: ["thin even glaze", "a little frost", "crystals, broken glaze", "a block of refrozen drip"],
        },
        {
          id: "burn",
          label: "Freezer burn",
          decisive: false,
          words: ["none", "a dry edge", "dry white patches", "dry through, yellow"],
        },
        {
          id: "pack",
          label: "Pack",
          decisive: true,
          words: ["sealed, dated", "sealed, frosted inside", "torn", "open or leaking, no date"],
        },
        {
          id: "smell-thawed",
          label: "Smell of a thawed piece",
          decisive: true,
          later: true,
          words: ["sea or none", "neutral", "stale, oily", "rancid, ammonia"],
        },
      ],
    },
    smoked: {
      id: "smoked",
      label: "smoked or cured fish",
      attributes: [
        {
          id: "surface",
          label: "Surface",
          decisive: false,
          words: ["dry gloss, even colour", "slightly matt", "sticky, or wet with drip", "slime, mould"],
        },
        {
          id: "colour",
          label: "Colour",
          decisive: false,
          words: ["clear, translucent at the cut", "a shade dull", "brown edges", "grey or green"],
        },
        {
          id: "smell",
          label: "Smell",
          decisive: true,
          words: ["clean smoke, sea", "mild", "sour, oily", "rancid, ammonia"],
        },
        {
          id: "texture",
          label: "Slice",
          decisive: false,
          words: ["firm, slices clean", "a little soft", "pasty", "mush"],
        },
        {
          id: "pack",
          label: "Pack",
          decisive: true,
          words: ["tight, dated, cold", "tight", "loose", "blown, leaking or no date"],
        },
      ],
    },
  },
  ["label", "words"],
);

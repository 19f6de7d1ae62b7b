import type { Scheme, SchemeId } from "../scheme";

/**
 * Graded signs in the station's own words. The frame of what inspectors look at is Reg. (EC) 2406/96, Annex I (memory, high); the
 * wording and the grades are common practice throughout. A fish that smells is refused by its smell alone.
 */
export const SCHEMES: Readonly<Record<SchemeId, Scheme>> = {
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
        words: ["sea, seaweed, cut cucumber", "neutral, faint metal", "malty, bready, musty", "sour, ammonia, sulphur"],
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
      { id: "eye", label: "Eye", decisive: false, words: ["raised, bright", "level", "level, dull", "sunken, cloudy"] },
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
        decisive: false,
        words: [
          "no: shades vary over the cut",
          "hardly: a shade too even",
          "suspect: ask the supplier",
          "treated and not on the label",
        ],
      },
    ],
  },
};

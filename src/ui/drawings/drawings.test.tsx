/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import fc from "fast-check";
import { act } from "react";
import { breakdownsFor, expectedParts, planSides, startingSide, type SidesRequest } from "@/core/block";
import { drawSheet, OPAQUE_SHARE } from "@/core/cooking";
import { codQuestion } from "@/core/cooking/plan/question.testkit";
import { valueOf } from "@/core/shared";
import { findSpecies } from "@/core/species";
import { clockText, formatFor } from "@/words/format/format";
import { t } from "@/words/ui";
import { clear, click, drawIn, HOUSE, houseOf, one, pressKey, said } from "../drawn.testkit";
import { DRY_FLESH, FLESH } from "../theme/palette";
import { AnimalDrawing } from "./AnimalDrawing";
import { CrossSection } from "./CrossSection";
import { fleshStops, paintFlesh } from "./fleshColour";
import { SideDrawing } from "./SideDrawing";
import { sideGeometry } from "./sideGeometry";
import { sliceGeometry } from "./sliceGeometry";

afterEach(clear);

const char = findSpecies("arctic-char")!;
const numbersIn = (path: string) => [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([text]) => Number(text));

describe("the colour of flesh", () => {
  const shade = (share: number, dry = 0, flesh: keyof typeof FLESH = "white") => {
    const into = new Uint8ClampedArray(4);
    paintFlesh(into, 0, fleshStops(flesh), share, dry);
    return [...into];
  };
  const rgb = (hex: string) => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));

  test.each(Object.keys(FLESH) as (keyof typeof FLESH)[])("%s goes from raw by half set to opaque", (flesh) => {
    const [raw, setting, opaque] = FLESH[flesh];
    const near = (got: readonly number[], hex: string) =>
      rgb(hex).forEach((wanted, at) => expect(Math.abs(got[at]! - wanted)).toBeLessThanOrEqual(1));
    near(shade(0, 0, flesh), raw);
    near(shade(0.5, 0, flesh), setting);
    near(shade(1, 0, flesh), opaque);
    near(shade(1, 1, flesh), DRY_FLESH);
    expect(shade(0.3, 0, flesh)[3]).toBe(255);
  });

  test("law: never further from where it is going, and never a jump", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.99, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (share, dry) => {
          const [here, next] = [shade(share, dry), shade(share + 0.01, dry)];
          for (const [at, value] of here.entries()) expect(Math.abs(value - next[at]!)).toBeLessThan(8);
        },
      ),
    );
  });

  test("what lies outside nought to one is the end of it", () => {
    expect(shade(-3)).toEqual(shade(0));
    expect(shade(7)).toEqual(shade(1));
  });
});

describe("a side from above and from its edge", () => {
  const wish = (part: Partial<SidesRequest> = {}): SidesRequest => ({
    sides: [startingSide(char, 1100)],
    portionG: 160,
    toleranceG: 12,
    minPieceMm: 25,
    covers: null,
    preference: "even",
    leanDeg: 0,
    tails: "as-cut",
    trimUse: "cakes",
    ...part,
  });
  const drawn = (part: Partial<SidesRequest> = {}) => {
    const request = wish(part);
    const plan = planSides(request);
    const [side] = request.sides;
    return { plan, side: side!, geometry: sideGeometry(side!, plan.pieces, plan.cutsMm[0]!, request.leanDeg) };
  };

  test("pieces lie one beside the other in the frame, as long as they are heavy for their place", () => {
    const { geometry, side } = drawn();
    const spans = geometry.pieces.map(({ top }) => {
      const xs = numbersIn(top).filter((_, index) => index % 2 === 0);
      return [Math.min(...xs), Math.max(...xs)] as const;
    });
    for (const [index, [from, to]] of spans.entries()) {
      expect(from).toBeGreaterThan(0);
      expect(to).toBeLessThan(geometry.width);
      const next = spans[index + 1];
      if (next) expect(Math.abs(next[0] - to)).toBeLessThan(0.2);
    }
    // a millimetre is a millimetre wherever it lies
    const scale = geometry.pieces.map(
      (piece, index) => (spans[index]![1] - spans[index]![0]) / (piece.toMm - piece.fromMm),
    );
    for (const one of scale) expect(one / scale[0]!).toBeCloseTo(1, 1);
    expect(geometry.handles).toHaveLength(side.profile.length);
  });

  test("a knife that leans comes out of the top towards the head, further where the flesh is thicker", () => {
    const upright = drawn().geometry.cuts.map(({ edgePath }) => numbersIn(edgePath));
    for (const [topX, , skinX] of upright) expect(topX).toBeCloseTo(skinX!, 3);
    const { geometry, plan, side } = drawn({ leanDeg: 45 });
    const leans = geometry.cuts.map(({ edgePath }, index) => {
      const [topX, , skinX] = numbersIn(edgePath);
      return { by: skinX! - topX!, atMm: Math.min(plan.cutsMm[0]![index]!, side.lengthMm) };
    });
    for (const { by, atMm } of leans) if (atMm > 60) expect(by).toBeGreaterThan(0);
    const thickest = side.profile.reduce((most, here) => (here.thicknessMm > most.thicknessMm ? here : most));
    const [near, far] = [...leans].sort((a, b) => Math.abs(a.atMm - thickest.atMm) - Math.abs(b.atMm - thickest.atMm));
    expect(near!.by).toBeGreaterThanOrEqual(far!.by - 0.5);
  });

  test("law: whatever the side, nothing is drawn outside the frame and no figure is none", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 250, max: 3000 }),
        fc.integer({ min: 60, max: 260 }),
        fc.constantFrom(0, 30, 60),
        (massG, portionG, leanDeg) => {
          const { geometry } = drawn({ sides: [startingSide(char, massG)], portionG, leanDeg });
          const paths = [
            geometry.topOutline,
            geometry.edgeOutline,
            ...geometry.pieces.flatMap(({ top, edge }) => [top, edge]),
            ...geometry.cuts.flatMap(({ path, edgePath }) => [path, edgePath]),
          ];
          for (const path of paths) {
            expect(path).not.toMatch(/NaN|Infinity|undefined/);
            for (const number of numbersIn(path)) expect(number).toBeLessThanOrEqual(geometry.width);
          }
          for (const { x, y } of geometry.handles)
            expect([x > 0, y > 0, y < geometry.height]).toEqual([true, true, true]);
        },
      ),
      { numRuns: 40 },
    );
  });

  test.each(["metric", "imperial"] as const)(
    "says weights and thicknesses as a house that is %s does",
    async (units) => {
      const { plan, side } = drawn();
      const moved: (readonly [number, number])[] = [];
      await drawIn(
        houseOf(units),
        <SideDrawing
          side={side}
          pieces={plan.pieces}
          cutsMm={plan.cutsMm[0]!}
          leanDeg={0}
          flesh={char.flesh}
          onThickness={(station, thicknessMm) => void moved.push([station, thicknessMm])}
        />,
      );
      const format = formatFor(units, null, "point");
      const portions = plan.pieces.filter(({ role }) => role !== "trim");
      expect(one("svg").getAttribute("aria-label")).toBe(
        t("theSideWithPortionsPortions", { portions: portions.length }),
      );
      expect(said()).toContain(format.mass(portions[0]!.massG));
      const handles = [...document.querySelectorAll("[role=slider]")];
      expect(handles).toHaveLength(side.profile.length);
      await pressKey(handles[1]!, "ArrowUp");
      await pressKey(handles[1]!, "Home");
      expect(moved).toEqual([
        [1, Math.round(side.profile[1]!.thicknessMm + 1)],
        [1, 1],
      ]);
    },
  );
});

describe("slices of a block", () => {
  test("law: as far apart as asked, measured across the slice, whatever the lean", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 60 }),
        fc.integer({ min: 3, max: 12 }),
        fc.integer({ min: 0, max: 60 }),
        (heightMm, sliceMm, leanDeg) => {
          const { cuts, height, width } = sliceGeometry(heightMm, sliceMm, leanDeg);
          const lines = cuts.map(numbersIn);
          for (const [index, [topX, topY, x, y]] of lines.entries()) {
            expect(Math.hypot(x! - topX!, y! - topY!)).toBeGreaterThan(0);
            expect([x! <= width, y! <= height]).toEqual([true, true]);
            const next = lines[index + 1];
            if (!next) continue;
            // the way between two parallel lines: along the board times the cosine of the lean
            const perMm = (height - 20) / heightMm;
            const across = ((next[2]! - x!) * Math.cos((leanDeg * Math.PI) / 180)) / perMm;
            expect(Math.abs(across - sliceMm)).toBeLessThan(0.15);
          }
        },
      ),
    );
  });
});

describe("the piece cut open at every moment", () => {
  const { trace, plan, stageNames } = valueOf(drawSheet(codQuestion()));
  const view = (skin: boolean, round = false) => (
    <CrossSection trace={trace} stageNames={stageNames} flesh="white" skin={skin} round={round} pullS={plan.pullS} />
  );
  const moment = () => said();

  test.each(["metric", "imperial"] as const)("stands at the pull and follows the thumb: %s", async (units) => {
    await drawIn(houseOf(units), view(true));
    const format = formatFor(units, null, "point");
    const at = trace.findLast(({ timeS }) => timeS <= plan.pullS + 0.01)!;
    expect(moment()).toContain(clockText(plan.pullS));
    expect(one("[data-testid=moment]").textContent).toContain(format.temperature(at.centreC));
    expect(said()).toContain(t("skinSide"));
    const thumb = one("[role=slider]");
    await act(async () => {
      thumb.dispatchEvent(
        new KeyboardEvent("keydown", { key: "Home", keyCode: 36, bubbles: true } as KeyboardEventInit),
      );
    });
    expect(one("[data-testid=moment]").textContent).toContain(format.temperature(trace[0]!.centreC));
  });

  test("a round one has one outside, a skinless one a first face", async () => {
    await drawIn(HOUSE, view(false));
    expect(said()).toContain(t("secondFace"));
    expect(said()).not.toContain(t("skinSide"));
    await drawIn(HOUSE, view(false, true));
    expect(said()).toContain(t("outside"));
    expect(one("[data-testid=moment]").textContent).not.toContain(t("secondFace"));
  });

  test("the opaque line climbs: flesh that has set does not turn raw again", () => {
    const set = trace.map(({ layersOpaque }) => layersOpaque.filter((share) => share >= OPAQUE_SHARE).length);
    for (const [index, layers] of set.slice(1).entries()) expect(layers).toBeGreaterThanOrEqual(set[index]!);
    expect(set.at(-1)!).toBeGreaterThan(set[0]!);
  });
});

test("an animal's parts carry the numbers of the list, and a tap or a key takes one in hand", async () => {
  const cod = findSpecies("cod")!;
  const [way] = breakdownsFor(cod, "whole-gutted");
  const parts = expectedParts(way!, cod, "whole-gutted");
  const picked: string[] = [];
  await drawIn(
    HOUSE,
    <AnimalDrawing
      animal={way!.animal}
      parts={parts}
      active={parts[1]!.id}
      done={new Set([parts[0]!.id])}
      onPick={(id) => void picked.push(id)}
    />,
  );
  const numbers = [...document.querySelectorAll("[role=button]")];
  const called = numbers.map((number) => number.getAttribute("aria-label")!);
  for (const [index, { label }] of parts.entries())
    if (called.some((name) => name.startsWith(`${index + 1},`)))
      expect(called.find((name) => name.startsWith(`${index + 1},`))).toContain(label);
  expect(called.find((name) => name.startsWith("1,"))).toContain(t("weighed"));
  expect(numbers.map((number) => number.getAttribute("aria-pressed")).filter((on) => on === "true")).toHaveLength(1);
  await click(numbers[0]!);
  await pressKey(numbers[1]!, "Enter");
  await pressKey(numbers[1]!, " ");
  await pressKey(numbers[1]!, "x");
  const [first, second] = numbers.map(
    (number) => parts[Number(number.getAttribute("aria-label")!.split(",")[0]) - 1]!.id,
  );
  expect(picked).toEqual([first, second, second]);
});

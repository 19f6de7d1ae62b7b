import { keyed, tableTexts } from "./keyed";

const ROWS = [
  { id: "cod", note: "large soft flakes", source: "a table", steps: [{ do: "scale", keep: ["head"] }, { do: "gut" }] },
];

describe("tables whose texts have keys", () => {
  it("finds each text under the row's id and the field, ids and sources left alone", () => {
    keyed("fish", ROWS, ["note", "do"]);
    const ours = [...tableTexts()].filter(([key]) => key.startsWith("fish."));
    expect(ours).toEqual([
      ["fish.cod.note", "large soft flakes"],
      ["fish.cod.steps.0.do", "scale"],
      ["fish.cod.steps.1.do", "gut"],
    ]);
  });

  it("speaks another language where it has the text, and English where it has not", () => {
    const [row] = keyed("fish", ROWS, ["note", "do"], { "fish.cod.note": "grov flak" });
    expect(row).toEqual({ ...ROWS[0], note: "grov flak" });
  });

  it("takes a table of plain texts by its ids, and what is no text through untouched", () => {
    const labels = keyed("uses", { stock: "Stock" }, [], { "uses.stock": "Kraft" });
    const fits = () => true;
    expect([labels.stock, keyed("fits", [{ id: "a", label: "A", fits }], ["label"], { x: "y" })[0]!.fits]).toEqual([
      "Kraft",
      fits,
    ]);
  });
});

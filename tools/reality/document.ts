import { sauceLines } from "./sauces";
import { checkCure, checkReality, CURE_CASES, REALITY_CASES } from "./cases";

const cell = (text: string) => text.replaceAll("|", "/");

/** The table of predicted against practice as a document. */
export function realityDocument(): string {
  const lines = [...REALITY_CASES.map(checkReality), ...CURE_CASES.map(checkCure), ...sauceLines()];
  const count = (verdict: string) => lines.filter((line) => line.verdict === verdict).length;
  const rows = lines.map(({ what, custom, found, verdict, note }) =>
    [what, custom, found, note === "" ? verdict : `${verdict}: ${note}`].map(cell).join(" | "),
  );
  return `# Reality check

What cooks say (all of it common practice) beside what the model finds with the station's usual coefficients. One set of
coefficients serves every line, chosen inside published ranges (\`src/core/cooking/model/station.ts\`). Where one was chosen from the very
custom a line speaks of, the line says "calibrated on": its agreement proves nothing, and it is not counted. Near: within a quarter of the customary time, or 4 °C of the customary centre. Where the custom cannot be right for the size,
the line says so and the stove says it too.

${count("agrees")} agree, ${count("near")} are near, ${count("misses")} miss; ${count("calibrated on")} were calibrated on. Written by \`npm run reality\`; a test keeps this file true.

| Piece and method | Custom | Model | Verdict |
| --- | --- | --- | --- |
${rows.map((row) => `| ${row} |`).join("\n")}
`;
}

import { checkReality, REALITY_CASES } from "./realityCases";

const cell = (text: string) => text.replaceAll("|", "/");

/** The table of predicted against practice as a document. */
export function realityDocument(): string {
  const lines = REALITY_CASES.map(checkReality);
  const count = (verdict: string) => lines.filter((line) => line.verdict === verdict).length;
  const rows = lines.map(({ what, custom, found, verdict, note }) =>
    [what, custom, found, note === "" ? verdict : `${verdict}: ${note}`].map(cell).join(" | "),
  );
  return `# Reality check

What cooks say (all of it common practice) beside what the model finds with the station's usual coefficients. One set of
coefficients serves every line: they are chosen from published ranges in \`src/core/cooking/data/station.ts\`, none is bent for a
line. Near: within a quarter of the customary time, or 4 °C of the customary centre. Where the custom cannot be right for the size,
the line says so and the stove says it too.

${count("agrees")} agree, ${count("near")} are near, ${count("misses")} miss. Written by \`npm run reality\`; a test keeps this file true.

| Piece and method | Custom | Model | Verdict |
| --- | --- | --- | --- |
${rows.map((row) => `| ${row} |`).join("\n")}
`;
}

"use client";
import { sum } from "@/core/numeric";
import { Segmented } from "antd";
import { useState } from "react";
import { COUNT_GRADES, dealPlates, sizeOfCount, type PlateSchool } from "@/core/block";
import { TextLines } from "@/ui/form/TextLines";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "./Count.module.css";
import { t } from "@/words/block";
import { marked } from "@/words/marked";
import { Source } from "@/ui/layout/Source";
import { Empty } from "@/ui/layout/Empty";

const readWeights = (text: string, toG: (shown: number) => number): number[] =>
  text
    .split(/[\s;]+|,(?=\s)|,(?!\d)/)
    .map((word) => Number(word.replace(",", ".")))
    .filter((value) => Number.isFinite(value) && value > 0)
    .map(toG);

/** Scallops weighed one by one and dealt onto plates. */
export function ScallopCard() {
  const { format } = useHouse();
  const [text, setText] = useState("44 41 39 38 37 36 35 34 33 33 32 31 30 29 27 24");
  const [perPlate, setPerPlate] = useState(3);
  const [school, setSchool] = useState<PlateSchool>("same-weight");
  const dealt = dealPlates(readWeights(text, format.fromMass), perPlate, school);
  return (
    <section className={page.card} data-testid="scallops">
      <h2>{t("scallopsSortedBySize")}</h2>
      <Field label={t("weightsMassUnitOneAfterTheOther", { massUnit: format.massUnit })}>
        {(id) => <TextLines id={id} rows={2} value={text} onChange={({ target }) => setText(target.value)} />}
      </Field>
      <div className={styles.fields}>
        <NumberField label={t("toAPlate")} value={perPlate} min={1} max={12} whole onChange={setPerPlate} />
        <Field label={t("evenBy")}>
          {(id) => (
            <Segmented<PlateSchool>
              id={id}
              value={school}
              onChange={setSchool}
              options={[
                { value: "same-weight", label: t("weightOfAPlate") },
                { value: "same-size", label: t("sizeOnAPlate") },
              ]}
            />
          )}
        </Field>
      </div>
      {dealt.plates.length === 0 ? (
        <Empty>{t("tooFewForAPlate")}</Empty>
      ) : (
        <>
          <p>
            {t.rich("lengthPlatesSpreadApartUnevenBetween", {
              length: dealt.plates.length,
              span: (words) => <span className={page.big}>{words}</span>,
              spread: format.mass(dealt.spreadG),
              b: (words) => <b className="figure">{words}</b>,
              uneven: format.mass(dealt.unevenG),
              b2: (words) => <b className="figure">{words}</b>,
            })}
          </p>
          <ul className={styles.plates}>
            {dealt.plates.map((plate, index) => (
              <li key={index}>
                {plate.map((massG, place) => (
                  <i
                    key={place}
                    style={{ width: 10 + massG * 0.7, height: 10 + massG * 0.7 }}
                    title={format.mass(massG)}
                  />
                ))}
                <span className="figure">{format.mass(sum(plate))}</span>
              </li>
            ))}
          </ul>
          {dealt.leftOver.length > 0 ? (
            <p className="muted">
              {t("overLeftOver", { leftOver: dealt.leftOver.map((massG) => format.mass(massG)).join(", ") })}
            </p>
          ) : null}
        </>
      )}
      <Source>
        {t("evenWeightIsTheDefaultEvery", {
          scallop: COUNT_GRADES.scallop.map((grade) => marked(gradeText(grade), format)).join("; "),
        })}
      </Source>
    </section>
  );
}

/** A grade with what one of it weighs, marked for houses of ounces. */
function gradeText({ label, few, many, use }: (typeof COUNT_GRADES.scallop)[number]): string {
  const lightG = Math.round(sizeOfCount(many).eachG);
  const weight = few > 0 ? `{${lightG}-${Math.round(sizeOfCount(few).eachG)} g}` : `{${lightG} g}+`;
  return `${label} (${weight}, ${use})`;
}

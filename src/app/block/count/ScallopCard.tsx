"use client";
import { Input, InputNumber, Segmented } from "antd";
import { useState } from "react";
import { COUNT_GRADES, dealPlates, sizeOfCount, type PlateSchool } from "@/core/block";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "./Count.module.css";

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
      <h2>Scallops, sorted by size</h2>
      <Field label={`Weights, ${format.massUnit}, one after the other`}>
        {(id) => <Input.TextArea id={id} rows={2} value={text} onChange={({ target }) => setText(target.value)} />}
      </Field>
      <div className={styles.fields}>
        <Field label="To a plate">
          {(id) => (
            <InputNumber<number>
              id={id}
              min={1}
              max={12}
              precision={0}
              value={perPlate}
              onChange={(value) => value && setPerPlate(value)}
            />
          )}
        </Field>
        <Field label="Even by">
          {(id) => (
            <Segmented<PlateSchool>
              id={id}
              value={school}
              onChange={setSchool}
              options={[
                { value: "same-weight", label: "weight of a plate" },
                { value: "same-size", label: "size on a plate" },
              ]}
            />
          )}
        </Field>
      </div>
      {dealt.plates.length === 0 ? (
        <p className={page.empty}>Too few for a plate.</p>
      ) : (
        <>
          <p>
            <span className={page.big}>{dealt.plates.length}</span> plates,{" "}
            <b className="figure">{format.mass(dealt.spreadG)}</b> apart,{" "}
            <b className="figure">{format.mass(dealt.unevenG)}</b> between scallops of one plate
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
                <span className="figure">{format.mass(plate.reduce((sum, massG) => sum + massG, 0))}</span>
              </li>
            ))}
          </ul>
          {dealt.leftOver.length > 0 ? (
            <p className="muted">Over: {dealt.leftOver.map((massG) => format.mass(massG)).join(", ")}</p>
          ) : null}
        </>
      )}
      <p className={page.source}>
        Even weight is the default: every guest gets the same. Even size is for one time in the pan. Grades a pound:{" "}
        {format.words(
          COUNT_GRADES.scallop
            .map(
              ({ label, few, many, use }) =>
                `${label} (${Math.round(sizeOfCount(many).eachG)}${few > 0 ? `-${Math.round(sizeOfCount(few).eachG)}` : "+"} g, ${use})`,
            )
            .join("; "),
        )}
        .
      </p>
    </section>
  );
}

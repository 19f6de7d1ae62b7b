"use client";
import { Segmented, Switch } from "antd";
import { useState } from "react";
import { COUNT_GRADES, PEELED_SHARE, planCount } from "@/core/block";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import styles from "./Count.module.css";
import { t } from "@/words/block";

export function ShrimpCard() {
  const { format } = useHouse();
  const [grade, setGrade] = useState("16/20");
  const [packG, setPackG] = useState(2000);
  const [glazePct, setGlazePct] = useState(20);
  const [shellOn, setShellOn] = useState(true);
  const [perCover, setPerCover] = useState(6);
  const { few, many, use } = COUNT_GRADES.shrimp.find(({ label }) => label === grade)!;
  const perPound = few > 0 ? (few + many) / 2 : many;
  const plan = planCount({
    packG,
    glazeShare: glazePct / 100,
    perPound,
    peeledShare: shellOn ? PEELED_SHARE : 1,
    perCover,
  });
  return (
    <section className={page.card}>
      <h2>{t("prawnsByCount")}</h2>
      <Segmented<string>
        block
        value={grade}
        onChange={setGrade}
        options={COUNT_GRADES.shrimp.map(({ label }) => label)}
        aria-label={t("gradePiecesAPound")}
      />
      <div className={`${styles.fields} ${page.aboveMore}`}>
        <QuantityField label={t("pack")} kind="mass" value={packG} min={50} max={50_000} onChange={setPackG} />
        <NumberField label={t("glaze")} value={glazePct} min={0} max={50} onChange={setGlazePct} />
        <NumberField label={t("toACover")} value={perCover} min={1} max={40} whole onChange={setPerCover} />
        <Field label={t("shellOn")}>{(id) => <Switch id={id} checked={shellOn} onChange={setShellOn} />}</Field>
      </div>
      <p>
        {t.rich("coversCoversOfPerCoverGramsPerCover", {
          covers: plan.covers,
          span: (words) => <span className={page.big}>{words}</span>,
          perCover,
          gramsPerCover: format.mass(plan.gramsPerCover),
          b: (words) => <b className="figure">{words}</b>,
        })}
      </p>
      <p className="muted">
        {t("piecesPiecesOfEachPiecesPerA", {
          pieces: plan.pieces,
          each: format.mass(plan.eachG),
          piecesPer: plan.piecesPerKg.toFixed(0),
          net: format.mass(plan.netG),
          use,
        })}
      </p>
    </section>
  );
}

"use client";
import { Alert, Button, Select, Switch } from "antd";
import { useState } from "react";
import {
  findPreparation,
  hazardOf,
  iceForBlanchedG,
  keepsDays,
  pickleOf,
  prepare,
  PREPARATIONS,
  shelfWith,
  type Ingredient,
} from "@/core/butter";
import type { RuleSetId } from "@/core/safety";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { marked } from "@/words/marked";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { LineTable } from "../LineTable";
import { makeForTheShelf } from "./actions";

type Props = { readonly own: readonly Ingredient[]; readonly ruleSetId: RuleSetId };

const KINDS = {
  "compound-butter": t("compoundButters"),
  oil: t("oils"),
  "cold-sauce": t("coldSauces"),
  garnish: t("garnishes"),
};

const OPTIONS = Object.entries(KINDS).map(([kind, label]) => ({
  label,
  options: PREPARATIONS.filter((one) => one.kind === kind).map(({ id, label: name }) => ({ value: id, label: name })),
}));

/** Something for the shelf: how much of what for these covers, how, what can hurt while it lies, and its lot when it is made. */
export function PrepareShelf({ own, ruleSetId }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [id, setId] = useState("caper-butter");
  const [covers, setCovers] = useState(10);
  const [frozen, setFrozen] = useState(true);
  const shelf = shelfWith(own);
  const preparation = findPreparation(id)!;
  const canFreeze = preparation.frozenDays !== null;
  const isFrozen = frozen && canFreeze;
  const { lines, madeG, portions } = prepare(preparation, covers, shelf);
  const hazard = hazardOf(preparation, ruleSetId);
  const days = keepsDays(preparation, ruleSetId, isFrozen);
  const pickle = lines.some(({ ingredientId }) => ingredientId.endsWith("vinegar")) ? pickleOf(lines, shelf) : null;
  return (
    <section className={page.card} data-testid="prepare">
      <h2>{t("makeForIt")}</h2>
      <div className={styles.pairs}>
        <Field label={t("whatIsMade")} wide>
          {(field) => <Select id={field} value={id} options={OPTIONS} onChange={setId} />}
        </Field>
        <NumberField label={t("covers")} value={covers} min={1} max={200} whole onChange={setCovers} />
        <Field label={t("frozen")}>
          {(field) => <Switch id={field} checked={isFrozen} disabled={!canFreeze} onChange={setFrozen} />}
        </Field>
      </div>
      {hazard ? (
        <Alert type="warning" showIcon title={`${sentence(say(hazard, format))}.`} data-testid="hazard" />
      ) : null}
      <p className={page.big} data-testid="made">
        {portions === null
          ? format.mass(madeG)
          : t("portionsOf", { count: portions, mass: format.mass(preparation.portionG!) })}
      </p>
      <p>{marked(preparation.how, format)}</p>
      {preparation.school ? <p className={page.sub}>{marked(preparation.school, format)}</p> : null}
      {pickle ? (
        <p className={page.sub}>
          {t("pickleOf", {
            acid: format.number(pickle.acidPct, 1),
            salt: format.number(pickle.saltPct, 1),
            keeps: pickle.keeps ? "yes" : "no",
          })}
        </p>
      ) : null}
      {id === "blanched-fennel" ? (
        <p className={page.sub}>{t("iceForIt", { ice: format.mass(iceForBlanchedG(madeG)) })}</p>
      ) : null}
      <LineTable lines={lines} />
      <Source>{t("preparationSource")}</Source>
      <div className={styles.acts}>
        <Button
          type="primary"
          size="large"
          loading={busy}
          onClick={() =>
            void act(makeForTheShelf, { preparationId: id, covers, frozen: isFrozen }, (code) =>
              t("isOnTheShelf", { code }),
            )
          }
        >
          {t("itIsMade")}
        </Button>
        <span className={page.sub}>
          {t("takesAndKeeps", {
            hands: preparation.handsMin,
            total: preparation.totalMin,
            days,
            frozen: isFrozen ? "yes" : "no",
          })}
        </span>
      </div>
    </section>
  );
}

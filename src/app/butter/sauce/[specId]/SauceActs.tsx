"use client";
import { Button } from "antd";
import { Select } from "@/ui/form/Select";
import { useState } from "react";
import { ingredientOf, type Portion, type SauceSpec, type Shelf } from "@/core/butter";
import type { BenchAsk } from "@/house/butter/sauceBench";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { mountTheSauce, prepareBase } from "../../actions";
import styles from "../../Butter.module.css";
import { PortionLines } from "../../PortionLines";

export type BaseLot = { readonly id: string; readonly code: string; readonly remainingG: number };

type Props = {
  readonly specId: string;
  /** As the house makes it: what is written down is that, not what was tried at the bench. */
  readonly spec: SauceSpec;
  readonly ask: BenchAsk;
  readonly bases: readonly BaseLot[];
  /** Base that these covers want. */
  readonly needG: number;
  readonly shelf: Shelf;
  readonly lastTaste: readonly Portion[];
};

/** Doing it writes it: the base with its days, the sauce with its clock. */
export function SauceActs({ specId, spec, ask, bases, needG, shelf, lastTaste }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [taste, setTaste] = useState<readonly Portion[]>([]);
  const [chosen, setChosen] = useState<string | null>(null);
  const base = bases.find(({ id }) => id === chosen) ?? bases[0];
  const { covers, panMm, netPowerW, surfaceMm, lid } = ask;
  const made = { specId, covers, panMm, netPowerW };
  const needsBase = spec.base.length > 0;
  const short = base !== undefined && base.remainingG < needG - 1;
  const ready = !needsBase || (base !== undefined && !short);
  return (
    <section className={page.card}>
      <h2>{t("doneAndWritten")}</h2>
      <p className={page.sub}>{t("asTheHouseMakesIt")}</p>
      {bases.length > 1 ? (
        <Field label={t("onThisBase")}>
          {(id) => (
            <Select
              id={id}
              value={base!.id}
              options={bases.map(({ id: value, code, remainingG }) => ({
                value,
                label: t("codeAndMass", { code, mass: format.mass(remainingG) }),
              }))}
              onChange={setChosen}
            />
          )}
        </Field>
      ) : null}
      <TasteLines taste={taste} lastTaste={lastTaste} shelf={shelf} onChange={setTaste} />
      <div className={styles.acts}>
        {needsBase ? (
          <Button
            size="large"
            type={ready ? "default" : "primary"}
            loading={busy}
            onClick={() => void act(prepareBase, made, (code) => t("baseIsKept", { code }))}
          >
            {t("theBaseIsMade", { covers })}
          </Button>
        ) : null}
        <Button
          size="large"
          type={ready ? "primary" : "default"}
          disabled={!ready}
          loading={busy}
          onClick={() =>
            void act(
              mountTheSauce,
              { ...made, servedC: ask.spec.servedC, surfaceMm, lid, baseLotId: needsBase ? base!.id : null, taste },
              (code) => t("sauceIsInTheBain", { code }),
            )
          }
        >
          {t("itIsMounted", { covers })}
        </Button>
      </div>
      {needsBase && !base ? <p className={page.sub}>{t("makeItsBaseFirst")}</p> : null}
      {short ? (
        <p className={page.sub}>{t("baseIsShort", { left: format.mass(base.remainingG), need: format.mass(needG) })}</p>
      ) : null}
      <p className={page.sub}>{t("belowHotHolding")}</p>
    </section>
  );
}

type TasteProps = {
  readonly taste: readonly Portion[];
  readonly lastTaste: readonly Portion[];
  readonly shelf: Shelf;
  readonly onChange: (taste: readonly Portion[]) => void;
};

/** What the tasting added, offered again next time. */
function TasteLines({ taste, lastTaste, shelf, onChange }: TasteProps) {
  const { format } = useHouse();
  const list = lastTaste
    .map(({ ingredientId, massG }) =>
      t("tasteOf", { mass: format.mass(massG), what: ingredientOf(ingredientId, shelf).label.toLowerCase() }),
    )
    .join(", ");
  return (
    <div data-testid="taste">
      <h2 className={styles.below}>{t("tasted")}</h2>
      <p className={page.sub}>
        {t("tasteIsKept")} {list === "" ? "" : t("lastTime", { list })}
      </p>
      {list !== "" && taste.length === 0 ? (
        <Button onClick={() => onChange(lastTaste)}>{t("asLastTime")}</Button>
      ) : null}
      {taste.length === 0 ? (
        <Button onClick={() => onChange([{ ingredientId: "salt", massG: 2 }])}>{t("somethingAdded")}</Button>
      ) : (
        <PortionLines portions={taste} shelf={shelf} which="taste" onChange={onChange} />
      )}
    </div>
  );
}

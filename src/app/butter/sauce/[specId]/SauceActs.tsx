"use client";
import { Button, Select } from "antd";
import { useState } from "react";
import type { SauceSpec } from "@/core/butter";
import type { BenchAsk } from "@/house/sauceBench";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { mountTheSauce, prepareBase } from "../../actions";
import styles from "../../Butter.module.css";

export type BaseLot = { readonly id: string; readonly code: string; readonly remainingG: number };

type Props = {
  readonly specId: string;
  /** As the house makes it: what is written down is that, not what was tried at the bench. */
  readonly spec: SauceSpec;
  readonly ask: BenchAsk;
  readonly bases: readonly BaseLot[];
  /** Base that these covers want. */
  readonly needG: number;
};

/** Doing it writes it: the base with its days, the sauce with its clock. */
export function SauceActs({ specId, spec, ask, bases, needG }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
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
              { ...made, servedC: ask.spec.servedC, surfaceMm, lid, baseLotId: needsBase ? base!.id : null },
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

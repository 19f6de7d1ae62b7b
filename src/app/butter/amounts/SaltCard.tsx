"use client";
import { Select } from "antd";
import { useState } from "react";
import { SALT_BANDS, shelfWith, type Ingredient, type Portion, type SaltRole, type SauceSpec } from "@/core/butter";
import { findSpecies } from "@/core/species";
import { saltOfDish, type FishAsk } from "@/house/butter/dishSaltAsk";
import { Field } from "@/ui/form/Field";
import { NumberFields, type FigureSpec } from "@/ui/form/NumberFields";
import { NumberField } from "@/ui/form/NumberField";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { PortionLines } from "../PortionLines";

export type NamedSauce = { readonly specId: string; readonly spec: SauceSpec };
type Props = { readonly own: readonly Ingredient[]; readonly sauces: readonly NamedSauce[] };

const ROLES: Readonly<Record<SaltRole, string>> = {
  fish: t("theFish"),
  sauce: t("theSauce"),
  garnish: t("theGarnish"),
};
const STATES = { flat: "soon", right: "good", salty: "bad", "to-taste": "good" } as const;

const FISH_FIGURES: readonly FigureSpec<FishAsk>[] = [
  { of: "massG", label: t("onePortion"), kind: "mass", min: 10, max: 1000 },
  { of: "thicknessMm", label: t("thickness"), kind: "length", min: 2, max: 120 },
  { of: "brineGPerL", label: t("brineStrength"), min: 0, max: 300 },
  { of: "brineMin", label: t("brineMinutes"), min: 0, max: 600 },
  { of: "saltG", label: t("saltStrewn"), min: 0, max: 30, step: 0.1 },
];

/** Salt by part, for one cover: each against its band, the sum only for the label. */
export function SaltCard({ own, sauces }: Props) {
  const { format, ownSpecies } = useHouse();
  const [speciesId, setSpeciesId] = useState("cod");
  const [fish, setFish] = useState<FishAsk>({ massG: 170, thicknessMm: 25, brineGPerL: 50, brineMin: 15, saltG: 0 });
  const [sauceId, setSauceId] = useState(sauces[0]?.specId ?? "");
  const [sauceSaltG, setSauceSaltG] = useState(0);
  const [garnish, setGarnish] = useState<readonly Portion[]>([{ ingredientId: "capers", massG: 6 }]);
  const shelf = shelfWith(own);
  const species = findSpecies(speciesId, ownSpecies)!;
  const spec = sauces.find((one) => one.specId === sauceId)?.spec;
  const sauce = spec ? { spec, saltG: sauceSaltG } : null;
  const found = saltOfDish(species, { fish, sauce, garnish, garnishSaltG: 0 }, shelf);
  const change = (part: Partial<FishAsk>) => setFish((before) => ({ ...before, ...part }));
  return (
    <section className={page.card} data-testid="salt">
      <h2>{t("saltByPart")}</h2>
      <div className={styles.pairs}>
        <Field label={t("fishOrShellfish")}>
          {(id) => <SpeciesSearch id={id} value={speciesId} onChange={setSpeciesId} />}
        </Field>
        <NumberFields value={fish} fields={FISH_FIGURES} onChange={change} />
        <Field label={t("theSauce")}>
          {(id) => (
            <Select
              id={id}
              value={sauceId}
              options={[
                { value: "", label: t("noSauce") },
                ...sauces.map((one) => ({ value: one.specId, label: one.spec.name })),
              ]}
              onChange={setSauceId}
            />
          )}
        </Field>
        <NumberField
          label={t("saltInTheSauce")}
          value={sauceSaltG}
          min={0}
          max={10}
          step={0.1}
          onChange={setSauceSaltG}
        />
      </div>
      <PortionLines portions={garnish} shelf={shelf} which="garnish" onChange={setGarnish} />
      <table className={styles.lines} data-testid="parts">
        <thead>
          <tr>
            <th scope="col">{t("part")}</th>
            <th scope="col">{t("saltPct")}</th>
            <th scope="col">{t("band")}</th>
            <th scope="col">{t("whatToDo")}</th>
          </tr>
        </thead>
        <tbody>
          {found.parts.map(({ role, name, saltPct, saltG, verdict, addG, diluteG }) => (
            <tr key={role}>
              <td>
                {ROLES[role]} <span className={page.sub}>{name}</span>
              </td>
              <td>{`${format.number(saltPct, 2)} %`}</td>
              <td>
                {role === "garnish"
                  ? t("toTaste")
                  : t("bandOf", { from: SALT_BANDS[role].fromPct, to: SALT_BANDS[role].toPct })}
              </td>
              <td>
                <span className={styles.tag} data-state={STATES[verdict]}>
                  {verdict === "to-taste"
                    ? t("bringsSalt", { mass: format.pinch(saltG) })
                    : verdict === "right"
                      ? t("right")
                      : verdict === "flat"
                        ? t("addSalt", { mass: format.pinch(addG) })
                        : t("tooSalty", { mass: format.mass(diluteG) })}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={page.sub}>{t("forTheLabelOnly", { salt: format.pinch(found.whole.saltG) })}</p>
      <Source>{t("saltSource")}</Source>
    </section>
  );
}

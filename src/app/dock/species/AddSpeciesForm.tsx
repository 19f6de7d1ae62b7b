"use client";
import { AutoComplete, Button, Select } from "antd";
import { useState } from "react";
import { FAMILIES, findSpecies, SPECIES, type Species } from "@/core/species";
import { TextInput } from "@/ui/form/TextInput";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Dock.module.css";
import { addSpecies } from "./actions";
import { t } from "@/words/dock";

const FAMILY_OPTIONS = Object.entries(FAMILIES).map(([value, { english }]) => ({
  value,
  label: `${value}, ${english}`,
}));
const HISTAMINE = [
  { value: "no", label: t("no") },
  { value: "some", label: t("onSomeLists") },
  { value: "yes", label: t("yes") },
];
const RAW = [
  { value: "usual", label: t("usual") },
  { value: "seldom", label: t("seldom") },
  { value: "cured-only", label: t("curedOnly") },
  { value: "none", label: t("no") },
];

/** A species the table does not know: begun from the one it is most like, so that only what differs is asked. */
export function AddSpeciesForm() {
  const { act } = useAct();
  const [likeId, setLikeId] = useState<string | null>(null);
  const [name, setName] = useState("");
  const [scientificName, setScientificName] = useState("");
  const [family, setFamily] = useState("");
  const [names, setNames] = useState("");
  const [life, setLife] = useState<number | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [histamine, setHistamine] = useState<Species["histamineFormer"]>("no");
  const [raw, setRaw] = useState<Species["rawUse"]>("none");
  const follow = (id: string) => {
    const like = findSpecies(id);
    setLikeId(id);
    if (!like) return;
    setLife(like.iceLifeDays);
    setShare(like.yield.skinlessPct);
    setHistamine(like.histamineFormer);
    setRaw(like.rawUse);
  };
  const save = async () => {
    const facts = {
      name,
      scientificName,
      family,
      names,
      likeId,
      iceLifeDays: life,
      skinlessPct: share,
      histamineFormer: histamine,
      rawUse: raw,
    };
    if (!(await act(addSpecies, facts, () => t("nameCanBeReceivedNow", { name })))) return;
    setName("");
    setScientificName("");
    setFamily("");
    setNames("");
  };
  return (
    <>
      <div className={styles.fields}>
        <Field label={t("mostLike")}>
          {(id) => (
            <Select
              id={id}
              showSearch
              optionFilterProp="label"
              value={likeId}
              className={page.full ?? ""}
              options={SPECIES.map((species) => ({ value: species.id, label: species.name }))}
              onChange={follow}
            />
          )}
        </Field>
        <Field label={t("name2")}>
          {(id) => <TextInput id={id} maxLength={80} value={name} onChange={({ target }) => setName(target.value)} />}
        </Field>
        <Field label={t("scientificName")}>
          {(id) => (
            <TextInput
              id={id}
              value={scientificName}
              placeholder={t("salvelinusAlpinus")}
              onChange={({ target }) => setScientificName(target.value)}
            />
          )}
        </Field>
        <Field label={t("family")}>
          {(id) => (
            <AutoComplete
              id={id}
              value={family}
              className={page.full ?? ""}
              placeholder={t("sparidae")}
              options={FAMILY_OPTIONS}
              filterOption={(typed, option) => (option?.label ?? "").toLowerCase().includes(typed.toLowerCase())}
              onChange={setFamily}
            />
          )}
        </Field>
        <Field label={t("otherNames")} wide>
          {(id) => (
            <TextInput
              id={id}
              maxLength={400}
              value={names}
              placeholder={t("svGSDaSandart")}
              onChange={({ target }) => setNames(target.value)}
            />
          )}
        </Field>
        <Field label={t("keepsOnIceDays")}>
          {(id) => <NumberInput id={id} min={1} max={40} value={life} className={page.full ?? ""} onChange={setLife} />}
        </Field>
        <Field label={t("yieldSkinOff")}>
          {(id) => (
            <NumberInput id={id} min={3} max={100} value={share} className={page.full ?? ""} onChange={setShare} />
          )}
        </Field>
        <Field label={t("formsHistamine")}>
          {(id) => (
            <Select id={id} value={histamine} className={page.full ?? ""} options={HISTAMINE} onChange={setHistamine} />
          )}
        </Field>
        <Field label={t("rawUse")}>
          {(id) => <Select id={id} value={raw} className={page.full ?? ""} options={RAW} onChange={setRaw} />}
        </Field>
      </div>
      <Button type="primary" disabled={!likeId || name.trim() === "" || family.trim() === ""} onClick={save}>
        {t("addItToTheLibrary")}
      </Button>
      <p className={`${page.source} ${page.above}`}>
        {t("compositionDonenessAndCutsFollow", {
          value: family.trim() !== "" && !Object.hasOwn(FAMILIES, family.trim()) ? t("thisFamilyIsNotInThe") : "",
        })}
      </p>
    </>
  );
}

"use client";
import { AutoComplete, Button, Input, InputNumber, Select } from "antd";
import { useState } from "react";
import { FAMILIES, findSpecies, SPECIES, type Species } from "@/core/species";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Dock.module.css";
import { addSpecies } from "./actions";

const FAMILY_OPTIONS = Object.entries(FAMILIES).map(([value, { english }]) => ({
  value,
  label: `${value}, ${english}`,
}));
const HISTAMINE = [
  { value: "no", label: "No" },
  { value: "some", label: "On some lists" },
  { value: "yes", label: "Yes" },
];
const RAW = [
  { value: "usual", label: "Usual" },
  { value: "seldom", label: "Seldom" },
  { value: "cured-only", label: "Cured only" },
  { value: "none", label: "No" },
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
    if (!(await act(addSpecies, facts, () => `${name} can be received now.`))) return;
    setName("");
    setScientificName("");
    setFamily("");
    setNames("");
  };
  return (
    <>
      <div className={styles.fields}>
        <Field label="Most like">
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
        <Field label="Name">
          {(id) => <Input id={id} maxLength={80} value={name} onChange={({ target }) => setName(target.value)} />}
        </Field>
        <Field label="Scientific name">
          {(id) => (
            <Input
              id={id}
              value={scientificName}
              placeholder="Salvelinus alpinus"
              onChange={({ target }) => setScientificName(target.value)}
            />
          )}
        </Field>
        <Field label="Family">
          {(id) => (
            <AutoComplete
              id={id}
              value={family}
              className={page.full ?? ""}
              placeholder="Sparidae"
              options={FAMILY_OPTIONS}
              filterOption={(typed, option) => (option?.label ?? "").toLowerCase().includes(typed.toLowerCase())}
              onChange={setFamily}
            />
          )}
        </Field>
        <Field label="Other names" wide>
          {(id) => (
            <Input
              id={id}
              maxLength={400}
              value={names}
              placeholder="sv:gös, da:sandart"
              onChange={({ target }) => setNames(target.value)}
            />
          )}
        </Field>
        <Field label="Keeps on ice, days">
          {(id) => <InputNumber id={id} min={1} max={40} value={life} className={page.full ?? ""} onChange={setLife} />}
        </Field>
        <Field label="Yield, skin off, %">
          {(id) => (
            <InputNumber id={id} min={3} max={100} value={share} className={page.full ?? ""} onChange={setShare} />
          )}
        </Field>
        <Field label="Forms histamine">
          {(id) => (
            <Select id={id} value={histamine} className={page.full ?? ""} options={HISTAMINE} onChange={setHistamine} />
          )}
        </Field>
        <Field label="Raw use">
          {(id) => <Select id={id} value={raw} className={page.full ?? ""} options={RAW} onChange={setRaw} />}
        </Field>
      </div>
      <Button type="primary" disabled={!likeId || name.trim() === "" || family.trim() === ""} onClick={save}>
        Add it to the library
      </Button>
      <p className={`${page.source} ${page.above}`}>
        Composition, doneness and cuts follow the one it is most like; hazards follow its family, and no likeness takes
        one away.
        {family.trim() !== "" && !Object.hasOwn(FAMILIES, family.trim())
          ? " This family is not in the table: its hazards are not known, so it waits with every raw dish."
          : ""}
      </p>
    </>
  );
}

"use client";
import { AutoComplete, Button } from "antd";
import { useEffect, useRef, useState, type FocusEvent } from "react";
import { findSpecies, searchSpecies, SPECIES } from "@/core/species";
import { useHouse } from "../hooks/HouseContext";
import { useTypedEarly } from "../hooks/useTypedEarly";
import { setUnsettled } from "./unsettled";
import styles from "./SpeciesSearch.module.css";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ui";

const LANGUAGES = new Intl.DisplayNames("en", { type: "language" });

type Props = {
  readonly id?: string;
  readonly value?: string;
  readonly onChange?: (speciesId: string) => void;
};

/** Finds a fish by any name it is sold under; says which fish a shared name may mean. */
export function SpeciesSearch({ id, value, onChange }: Props) {
  const { ownSpecies } = useHouse();
  const chosen = value ? findSpecies(value, ownSpecies) : undefined;
  const [typed, setTyped] = useState<string | null>(null);
  const [left, setLeft] = useState(false);
  const text = typed ?? chosen?.name ?? "";
  const hits = searchSpecies(text, [...SPECIES, ...ownSpecies]);
  const field = useRef<HTMLDivElement>(null);
  useTypedEarly(() => field.current);
  // what is typed and not chosen is no fish: nothing is done until it is
  const isOpen = left && typed !== null;
  useEffect(() => {
    const input = field.current?.querySelector("input");
    if (!input) return;
    setUnsettled(input, isOpen);
    return () => setUnsettled(input, false);
  }, [isOpen]);
  const shared = hits[0]?.sharedWith ?? [];
  return (
    <div ref={field} data-find className={page.grow}>
      <AutoComplete
        // Enter takes the row that is marked
        defaultActiveFirstOption
        {...(id ? { id } : {})}
        value={text}
        className={page.full ?? ""}
        placeholder={t("codRDingBranzinoSalmoSalar")}
        onChange={(next: string) => setTyped(next)}
        onSelect={(_, option) => {
          setTyped(null);
          onChange?.(option.speciesId);
        }}
        onClick={({ target }) => {
          if (target instanceof HTMLInputElement) target.select();
        }}
        onFocus={({ target }: FocusEvent<HTMLElement>) => {
          setLeft(false);
          if (target instanceof HTMLInputElement) target.select();
        }}
        onBlur={() => {
          // a name that can mean one fish alone counts as chosen
          const [only, other] = hits;
          if (typed && only && !other) {
            onChange?.(only.species.id);
            setTyped(null);
          } else if (typed === "" || typed === chosen?.name) setTyped(null);
          else setLeft(typed !== null);
        }}
        notFoundContent={typed ? t("noFishOfThatNameIn") : null}
        options={hits.map(({ species, matched, sharedWith }) => ({
          value: `${species.name} · ${species.scientificName}`,
          speciesId: species.id,
          label: (
            <span className={styles.hit}>
              <b>{species.name}</b>
              <i>{species.scientificName}</i>
              {matched.name === species.name ? null : (
                <span>
                  {matched.name}
                  {matched.language ? ` (${LANGUAGES.of(matched.language)})` : ""}
                </span>
              )}
              {sharedWith.length > 0 ? (
                <em>{t("alsoSharedWith", { sharedWith: sharedWith.map(({ name }) => name).join(", ") })}</em>
              ) : matched.shared ? (
                <em>{t("aNameForSeveralFish")}</em>
              ) : null}
            </span>
          ),
        }))}
      />
      {isOpen ? (
        <p role="alert" className={styles.open}>
          {chosen ? t("stillTheFish", { name: chosen.name }) : t("chooseFromTheList")}{" "}
          {chosen ? (
            <Button size="small" onClick={() => setTyped(null)}>
              {t("keepTheFish", { name: chosen.name })}
            </Button>
          ) : null}
        </p>
      ) : null}
      {typed && shared.length > 0 ? (
        <p className={styles.shared}>
          {t("thatNameIsAlsoUsedFor", { shared: shared.map(({ name }) => name).join(" and ") })}
        </p>
      ) : null}
    </div>
  );
}

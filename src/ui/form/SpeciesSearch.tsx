"use client";
import { AutoComplete } from "antd";
import { useMemo, useState } from "react";
import { findSpecies, searchSpecies, SPECIES } from "@/core/species";
import { useHouse } from "../hooks/HouseContext";
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
  const text = typed ?? chosen?.name ?? "";
  const hits = useMemo(() => searchSpecies(text, [...SPECIES, ...ownSpecies]), [text, ownSpecies]);
  const shared = hits[0]?.sharedWith ?? [];
  return (
    <div data-find className={page.grow}>
      <AutoComplete
        {...(id ? { id } : {})}
        value={text}
        className={page.full ?? ""}
        placeholder={t("codRDingBranzinoSalmoSalar")}
        onChange={(next: string) => setTyped(next)}
        onSelect={(_, option) => {
          setTyped(null);
          onChange?.(option.speciesId);
        }}
        onBlur={() => {
          // an exact name typed and left counts as chosen
          const exact = hits.length === 1 ? hits[0] : undefined;
          if (typed && exact) onChange?.(exact.species.id);
          if (chosen || exact) setTyped(null);
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
      {typed && shared.length > 0 ? (
        <p className={styles.shared}>
          {t("thatNameIsAlsoUsedFor", { shared: shared.map(({ name }) => name).join(" and ") })}
        </p>
      ) : null}
    </div>
  );
}

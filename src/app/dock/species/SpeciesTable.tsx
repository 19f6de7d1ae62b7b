"use client";
import { Table } from "antd";
import { useMemo, useState } from "react";
import { formLabel, usualForm } from "@/core/freshness";
import {
  FAMILY_SOURCES,
  GROUP_LABELS,
  searchSpecies,
  seasonsOf,
  SPECIES,
  SPECIES_SOURCES,
  type HazardId,
  type Species,
} from "@/core/species";
import { confidenceWords } from "../lot/confidenceWords";
import { useHouse } from "@/ui/hooks/HouseContext";
import { TextInput } from "@/ui/form/TextInput";
import page from "@/ui/layout/page.module.css";
import styles from "../Dock.module.css";
import { t } from "@/words/dock";
import { marked } from "@/words/marked";
import { Source } from "@/ui/layout/Source";
import { Empty } from "@/ui/layout/Empty";

const LANGUAGES = new Intl.DisplayNames("en", { type: "language" });
const RAW_WORDS: Readonly<Record<Species["rawUse"], string>> = {
  usual: t("usual2"),
  seldom: t("seldom2"),
  "cured-only": t("curedOnly2"),
  none: t("no2"),
};

/** The whole library; a row opens to names, hazards, composition and where each figure comes from. */
export function SpeciesTable() {
  const { ownSpecies } = useHouse();
  const [typed, setTyped] = useState("");
  const all = useMemo(() => [...SPECIES, ...ownSpecies], [ownSpecies]);
  const shown = useMemo(
    () => (typed.trim() === "" ? all : searchSpecies(typed, all, 60).map(({ species }) => species)),
    [typed, all],
  );
  return (
    <>
      <div data-find className={page.below}>
        <TextInput
          aria-label={t("findASpecies")}
          allowClear
          value={typed}
          placeholder={t("anyNameAnyLanguageOrA")}
          onChange={({ target }) => setTyped(target.value)}
        />
      </div>
      <Table<Species>
        rowKey="id"
        size="small"
        dataSource={[...shown]}
        pagination={{ pageSize: 15, hideOnSinglePage: true, showSizeChanger: false }}
        scroll={{ x: 1000 }}
        locale={{ emptyText: <Empty>{t("nothingOfThatNameAddIt")}</Empty> }}
        expandable={{
          expandRowByClick: true,
          columnWidth: 56,
          expandedRowRender: (species) => <About species={species} />,
          expandIcon: ({ expanded, record, onExpand }) => (
            <button
              type="button"
              className={styles.unfold}
              aria-expanded={expanded}
              aria-label={t("aboutName", { name: record.name })}
              onClick={(event) => onExpand(record, event)}
            >
              <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
                <path
                  d={expanded ? "M2 5l5 5 5-5" : "M5 2l5 5-5 5"}
                  fill="none"
                  stroke="currentColor"
                  strokeWidth="2"
                />
              </svg>
            </button>
          ),
        }}
        columns={[
          { title: t("name2"), dataIndex: "name", render: (name: string) => <b>{name}</b> },
          { title: t("scientific"), dataIndex: "scientificName", render: (name: string) => <i>{name}</i> },
          {
            title: t("code"),
            dataIndex: "faoCode",
            width: 70,
            render: (code: string | null) => <span className="figure">{code ?? "–"}</span>,
          },
          { title: t("kind"), dataIndex: "group", render: (group: Species["group"]) => GROUP_LABELS[group] },
          {
            title: t("onIce"),
            dataIndex: "iceLifeDays",
            width: 84,
            render: (days: number) => <span className="figure">{days} d</span>,
          },
          { title: t("raw"), dataIndex: "rawUse", width: 100, render: (use: Species["rawUse"]) => RAW_WORDS[use] },
          { title: t("histamine"), dataIndex: "histamineFormer", width: 100 },
          {
            title: t("season"),
            key: "season",
            width: 150,
            render: (_, { id }) => <span className="figure">{seasonText(id)}</span>,
          },
        ]}
      />
    </>
  );
}

const MONTHS = new Intl.DateTimeFormat("en", { month: "short", timeZone: "UTC" });
const month = (number: number) => MONTHS.format(Date.UTC(2026, number - 1, 15));
const seasonText = (speciesId: string): string =>
  seasonsOf(speciesId)
    .map(([area, from, to]) =>
      from === 1 && to === 12 ? t("areaAllYear", { area }) : `${area} ${month(from)}-${month(to)}`,
    )
    .join(", ") || "–";

const HAZARD_WORDS: Readonly<Record<HazardId, string>> = {
  parasites: t("roundworms"),
  tapeworm: t("tapeworm"),
  flukes: t("flukes"),
  histamine: t("histamine2"),
  ciguatera: t("ciguatera"),
  tetrodotoxin: t("tetrodotoxin"),
  gempylotoxin: t("purgingOil"),
  mercury: t("mercury"),
  "blood-toxin": t("poisonousBlood"),
  tetramine: t("tetramine"),
  vibrio: t("vibrio"),
  norovirus: t("norovirus"),
  biotoxins: t("biotoxins"),
  listeria: t("listeriaWhenCured"),
};

function About({ species }: { readonly species: Species }) {
  const { format } = useHouse();
  const { water, protein, fat, carbohydrate, ash } = species.compositionPct;
  const { basis, skinOnFilletPct, skinlessPct } = species.yield;
  const parts = [
    skinOnFilletPct === null ? "" : t("skinOnSkinOnFilletPct", { skinOnFilletPct }),
    skinlessPct === null ? "" : t("readySkinlessPct", { skinlessPct }),
  ].filter(Boolean);
  return (
    <div className={page.list}>
      <p>
        {species.marketNames
          .map(
            ({ language, name, shared }) =>
              `${name} (${LANGUAGES.of(language) ?? language}${shared ? t("usedForOthersToo") : ""})`,
          )
          .join(", ")}
      </p>
      <p>
        {t("familyFamilyHazardsHazardsValue", {
          family: species.family ?? t("notSaid"),
          hazards:
            species.hazards === null
              ? t("notKnown")
              : species.hazards.map((one) => HAZARD_WORDS[one]).join(", ") || t("noneNamed"),
          value: species.least
            ? t("notUnderCentreBecause", {
                centre: format.temperature(species.least.centreC),
                because: species.least.because,
              })
            : "",
        })}
      </p>
      <p>{marked(species.parasiteNote, format)}</p>
      <p>{marked(species.kitchenNote, format)}</p>
      <p>
        {t("usuallyBoughtSpeciesYieldOfBasis", {
          species: formLabel(usualForm(species)).toLowerCase(),
          basis,
          parts: parts.join(", "),
          mass: format.mass(species.portion.massG),
          usualDoneness: marked(species.usualDoneness, format),
        })}
      </p>
      <p className="figure">{t("waterWaterProteinProteinFatFat", { water, protein, fat, carbohydrate, ash })}</p>
      <Source>
        {species.mark.origin === "house"
          ? t("enteredByTheHouse")
          : t("compositionYieldYieldLifeIceLife", {
              composition: SPECIES_SOURCES.composition,
              yield: SPECIES_SOURCES.yield,
              iceLife: SPECIES_SOURCES.iceLife,
              ciguatera: FAMILY_SOURCES.ciguatera,
              histamine: FAMILY_SOURCES.histamine,
              confidence: confidenceWords(species),
            })}
      </Source>
    </div>
  );
}

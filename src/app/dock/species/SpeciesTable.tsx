"use client";
import { Input, Table } from "antd";
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
import { confidenceWords } from "../confidenceWords";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Dock.module.css";

const LANGUAGES = new Intl.DisplayNames("en", { type: "language" });
const RAW_WORDS: Readonly<Record<Species["rawUse"], string>> = {
  usual: "usual",
  seldom: "seldom",
  "cured-only": "cured only",
  none: "no",
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
        <Input
          aria-label="Find a species"
          allowClear
          value={typed}
          placeholder="Any name, any language, or a code"
          onChange={({ target }) => setTyped(target.value)}
        />
      </div>
      <Table<Species>
        rowKey="id"
        size="small"
        dataSource={[...shown]}
        pagination={{ pageSize: 15, hideOnSinglePage: true, showSizeChanger: false }}
        scroll={{ x: 1000 }}
        locale={{ emptyText: <p className={page.empty}>Nothing of that name. Add it below.</p> }}
        expandable={{
          expandRowByClick: true,
          columnWidth: 56,
          expandedRowRender: (species) => <About species={species} />,
          expandIcon: ({ expanded, record, onExpand }) => (
            <button
              type="button"
              className={styles.unfold}
              aria-expanded={expanded}
              aria-label={`About ${record.name}`}
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
          { title: "Name", dataIndex: "name", render: (name: string) => <b>{name}</b> },
          { title: "Scientific", dataIndex: "scientificName", render: (name: string) => <i>{name}</i> },
          {
            title: "Code",
            dataIndex: "faoCode",
            width: 70,
            render: (code: string | null) => <span className="figure">{code ?? "–"}</span>,
          },
          { title: "Kind", dataIndex: "group", render: (group: Species["group"]) => GROUP_LABELS[group] },
          {
            title: "On ice",
            dataIndex: "iceLifeDays",
            width: 84,
            render: (days: number) => <span className="figure">{days} d</span>,
          },
          { title: "Raw", dataIndex: "rawUse", width: 100, render: (use: Species["rawUse"]) => RAW_WORDS[use] },
          { title: "Histamine", dataIndex: "histamineFormer", width: 100 },
          {
            title: "Season",
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
    .map(([area, from, to]) => (from === 1 && to === 12 ? `${area} all year` : `${area} ${month(from)}-${month(to)}`))
    .join(", ") || "–";

const HAZARD_WORDS: Readonly<Record<HazardId, string>> = {
  parasites: "roundworms",
  tapeworm: "tapeworm",
  flukes: "flukes",
  histamine: "histamine",
  ciguatera: "ciguatera",
  tetrodotoxin: "tetrodotoxin",
  gempylotoxin: "purging oil",
  mercury: "mercury",
  "blood-toxin": "poisonous blood",
  tetramine: "tetramine",
  vibrio: "Vibrio",
  norovirus: "norovirus",
  biotoxins: "biotoxins",
  listeria: "Listeria when cured",
};

function About({ species }: { readonly species: Species }) {
  const { format } = useHouse();
  const { water, protein, fat, carbohydrate, ash } = species.compositionPct;
  const { basis, skinOnFilletPct, skinlessPct } = species.yield;
  const parts = [
    skinOnFilletPct === null ? "" : `skin on ${skinOnFilletPct} %`,
    skinlessPct === null ? "" : `ready ${skinlessPct} %`,
  ].filter(Boolean);
  return (
    <div className={page.list}>
      <p>
        {species.marketNames
          .map(
            ({ language, name, shared }) =>
              `${name} (${LANGUAGES.of(language) ?? language}${shared ? ", used for others too" : ""})`,
          )
          .join(", ")}
      </p>
      <p>
        Family: {species.family ?? "not said"}. Hazards:{" "}
        {species.hazards === null
          ? "not known"
          : species.hazards.map((one) => HAZARD_WORDS[one]).join(", ") || "none named"}
        .{species.least ? ` Not under ${format.temperature(species.least.centreC)}: ${species.least.because}.` : ""}
      </p>
      <p>{format.words(species.parasiteNote)}</p>
      <p>{format.words(species.kitchenNote)}</p>
      <p>
        Usually bought: {formLabel(usualForm(species)).toLowerCase()}. Yield of {basis}: {parts.join(", ")}. Portion{" "}
        {format.mass(species.portion.massG)}. Done at {format.words(species.usualDoneness)}.
      </p>
      <p className="figure">
        water {water} · protein {protein} · fat {fat} · carbohydrate {carbohydrate} · ash {ash} g/100 g
      </p>
      <p className={page.source}>
        {species.mark.origin === "house"
          ? "Entered by the house."
          : `${SPECIES_SOURCES.composition}. Yield: ${SPECIES_SOURCES.yield}. Life: ${SPECIES_SOURCES.iceLife}. Hazards: ${FAMILY_SOURCES.ciguatera}; ${FAMILY_SOURCES.histamine}. Confidence: ${confidenceWords(species)}.`}
      </p>
    </div>
  );
}

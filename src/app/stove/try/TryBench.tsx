"use client";
import { useState } from "react";
import type { Films } from "@/core/cooking";
import { findSpecies, isCooked, shortName } from "@/core/species";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import { SpeciesSearch } from "@/ui/SpeciesSearch";
import { PlanBench } from "../bench/PlanBench";
import { AT_THE_PAN_C, countedPiece, firstAsk } from "../firstAsk";

type Props = {
  readonly start: string;
  readonly films: Readonly<Record<string, Partial<Films>>>;
};

/** Any animal at any size, planned without touching a lot. */
export function TryBench({ start, films }: Props) {
  const { format, ownSpecies } = useHouse();
  const [speciesId, setSpeciesId] = useState(findSpecies(start, ownSpecies) ? start : "arctic-char");
  const species = findSpecies(speciesId, ownSpecies)!;
  const { sizeMm, massG } = countedPiece(species);
  const chooser = (
    <section className={page.card}>
      <label htmlFor="try-species" style={{ fontWeight: 600, display: "block", marginBottom: 4 }}>
        Animal
      </label>
      <SpeciesSearch id="try-species" value={speciesId} onChange={setSpeciesId} />
    </section>
  );
  if (!isCooked(species.group)) {
    return (
      <>
        <header className={page.head}>
          <div>
            <h1>{shortName(species)}: not for the heat</h1>
            <p className={page.asks}>{format.words(species.usualDoneness)}.</p>
          </div>
        </header>
        {chooser}
      </>
    );
  }
  return (
    <PlanBench
      key={speciesId}
      source={{ kind: "none" }}
      speciesId={speciesId}
      first={firstAsk(species, { shape: species.portion.shape, sizeMm, massG, startC: AT_THE_PAN_C, pieces: 2 })}
      pieceG={massG}
      filmsByPan={films}
      chooser={chooser}
    />
  );
}

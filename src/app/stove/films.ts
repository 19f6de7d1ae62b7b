import { learnedFilms, PAN_IDS, type Films } from "@/core/cooking";
import type { Db } from "@/db/connection";
import { fitOfPan } from "@/db/stove/stationFits";

/** Coefficients learned of a pan, where any were; spread into a question. */
export function filmsOfPan(db: Db, panId: string): { readonly films?: Partial<Films> } {
  const fit = fitOfPan(db, panId);
  return fit ? { films: learnedFilms(fit) } : {};
}

/** The same of every pan, for a bench that may change it. */
export const filmsByPan = (db: Db): Readonly<Record<string, Partial<Films>>> =>
  Object.fromEntries(
    PAN_IDS.flatMap((id) => {
      const { films } = filmsOfPan(db, id);
      return films ? [[id, films]] : [];
    }),
  );

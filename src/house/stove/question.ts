import { preparedLoad, type Preparation } from "@/core/block";
import { loadOf, shapeFor, type PanPiece, type SheetRequest } from "@/core/cooking";
import type { Composition } from "@/core/matter";
import type { CookAskInput } from "./cookAsk";

/** Sizes of what goes to the heat, of a batch or of one piece. */
export type Load = {
  readonly pieceG: number;
  readonly thicknessMm: number;
  readonly thinnestMm: number;
  readonly thickestMm: number;
};

/** The load of so many pieces of a batch, as Block left them. */
export function loadOfBatch(pieces: readonly PanPiece[], count: number, prepared: Preparation | null): Load | null {
  const cut = loadOf(pieces, count);
  return cut && prepared ? preparedLoad(cut, prepared) : cut;
}

type Piece = {
  readonly speciesId: string;
  readonly composition: Composition;
  readonly prepared: Preparation | null;
  readonly load: Load;
};

/** The question to the planner from what the bench asks; the browser and the server both put it so. */
export function questionOf(
  { speciesId, composition, prepared, load }: Piece,
  { shape, sizeMm, kit, schoolId, form, ...ask }: CookAskInput,
  house: Pick<SheetRequest, "ruleSetId" | "own" | "films">,
): SheetRequest {
  const made = prepared?.piece;
  return {
    ...house,
    ...ask,
    ...(schoolId === undefined ? {} : { schoolId }),
    ...(form === undefined ? {} : { form }),
    // a setting that was not touched is left to the method
    kit: JSON.parse(JSON.stringify(kit)) as SheetRequest["kit"],
    speciesId,
    pieceG: load.pieceG,
    thinnestMm: load.thinnestMm,
    thickestMm: load.thickestMm,
    shape: shapeFor(shape, sizeMm, load.pieceG, made?.composition ?? composition),
    ...(made ? { composition: made.composition, stuffed: made.stuffed, temperedMin: made.temperedMin ?? 0 } : {}),
  };
}

import type { Metadata } from "next";
import { db } from "@/db/connection";
import { connection } from "next/server";
import { requireHouse } from "../../request";
import { filmsByPan } from "../films";
import { TryBench } from "./TryBench";
import { t } from "@/words/stove-plan";

export const metadata: Metadata = { title: t("tryAPiece") };

export default async function TryPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly species?: string }>;
}) {
  await connection();
  requireHouse();
  const { species } = await searchParams;
  return <TryBench start={species ?? "arctic-char"} films={filmsByPan(db())} />;
}

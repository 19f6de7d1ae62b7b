"use client";
import { FileButton } from "@/ui/form/FileButton";
import { useRouter } from "next/navigation";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { openForeignCard } from "../actions";

/** A card of another house comes in with its sauce and its goods. */
export function OpenCard() {
  const { act, busy } = useAct();
  const router = useRouter();
  const open = async (file: Blob) => {
    const done = await act(openForeignCard, { text: await file.text() }, () => t("cardIsOpened"));
    if (done) router.push(`/cards/${done.value}`);
  };
  return (
    <section className={page.card}>
      <h2>{t("openACard")}</h2>
      <FileButton accept="application/json,.json" onFile={(file) => void open(file)} loading={busy}>
        {t("openACard")}
      </FileButton>
    </section>
  );
}

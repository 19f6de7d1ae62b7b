"use client";
import { Input } from "antd";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";
import { useGo } from "@/ui/reach/useGo";

export function LotFilter({ value }: { readonly value: string }) {
  const go = useGo();
  return (
    <div data-find className={page.choice}>
      <Input.Search
        aria-label={t("findALot")}
        placeholder={t("lotSpeciesSupplier")}
        defaultValue={value}
        allowClear
        onSearch={(find) => go(find.trim() ? `/ice?find=${encodeURIComponent(find.trim())}` : "/ice")}
      />
    </div>
  );
}

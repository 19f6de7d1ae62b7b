"use client";
import { Input } from "antd";
import { useRouter } from "next/navigation";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";

export function LotFilter({ value }: { readonly value: string }) {
  const router = useRouter();
  return (
    <div data-find className={page.choice}>
      <Input.Search
        aria-label={t("findALot")}
        placeholder={t("lotSpeciesSupplier")}
        defaultValue={value}
        allowClear
        onSearch={(find) => router.push(find.trim() ? `/ice?find=${encodeURIComponent(find.trim())}` : "/ice")}
      />
    </div>
  );
}

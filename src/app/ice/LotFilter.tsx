"use client";
import { Input } from "antd";
import { useRouter } from "next/navigation";
import page from "@/ui/layout/page.module.css";

export function LotFilter({ value }: { readonly value: string }) {
  const router = useRouter();
  return (
    <div data-find className={page.choice}>
      <Input.Search
        aria-label="Find a lot"
        placeholder="Lot, species, supplier"
        defaultValue={value}
        allowClear
        onSearch={(find) => router.push(find.trim() ? `/ice?find=${encodeURIComponent(find.trim())}` : "/ice")}
      />
    </div>
  );
}

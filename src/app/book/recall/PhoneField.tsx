"use client";
import { Button } from "antd";
import { useState } from "react";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/trace";
import { sayPhone } from "./actions";

/** The telephone of a supplier nobody wrote one of. */
export function PhoneField({ name }: { readonly name: string }) {
  const { act, busy } = useAct();
  const [phone, setPhone] = useState("");
  return (
    <span className={`${page.line} ${page.screenOnly}`}>
      <label className={page.labelled}>
        {t("telephoneOf", { name })}
        <TextInput value={phone} type="tel" maxLength={40} onChange={({ target }) => setPhone(target.value)} />
      </label>
      <Button
        loading={busy}
        disabled={phone.trim().length < 4}
        onClick={() => void act(sayPhone, { name, phone }, () => t("phoneIsWritten", { name, phone }))}
      >
        {t("writeItDown")}
      </Button>
    </span>
  );
}

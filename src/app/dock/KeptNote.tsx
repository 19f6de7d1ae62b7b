"use client";
import { Alert } from "antd";
import Link from "next/link";
import { t } from "@/words/dock";
import type { Received } from "./actions";

/** What the van became: codes on ice, slips of what went back. */
export function KeptNote({ kept }: { readonly kept: readonly Received[] }) {
  const iced = kept.filter(({ verdict }) => verdict !== "refuse");
  const sent = kept.filter(({ verdict }) => verdict === "refuse");
  const codes = (lots: readonly Received[]) => lots.map(({ code }) => code).join(", ");
  const title = [
    iced.length > 0 ? t("onIceAsIced", { iced: codes(iced) }) : "",
    sent.length > 0 ? t("refusedAndKeptOnRecordAs", { sent: codes(sent) }) : "",
  ].join(" ");
  const only = kept.length === 1 ? kept[0] : undefined;
  return (
    <Alert
      type={iced.length === 0 ? "warning" : "success"}
      showIcon
      closable
      title={title.trim()}
      action={
        <>
          {sent.map(({ lotId, code }) => (
            <p key={lotId}>
              <Link href={`/dock/slip/${lotId}`}>{t("slipFor", { code })}</Link>
            </p>
          ))}
          {only ? <Link href={`/ice/${only.lotId}`}>{t("openTheLot")}</Link> : <Link href="/ice">{t("toTheIce")}</Link>}
        </>
      }
    />
  );
}

"use client";
import { App, Button, Segmented } from "antd";
import { useRouter } from "next/navigation";
import { useState } from "react";
import page from "@/ui/page.module.css";
import { takeOffIce } from "./actions";
import { FINISH_REASONS, type FinishReason } from "./schema";

export function FinishLot({ lotId }: { readonly lotId: string }) {
  const { message, modal } = App.useApp();
  const router = useRouter();
  const [reason, setReason] = useState<FinishReason>("used up");
  const finish = () =>
    modal.confirm({
      title: `Off the ice: ${reason}?`,
      content: "The record stays. What is left of the lot is written off under this reason.",
      okText: "Take it off",
      cancelText: "Leave it",
      onOk: async () => {
        const done = await takeOffIce({ lotId, reason });
        if (done.ok) router.push("/ice");
        else message.error(done.error.message);
      },
    });
  return (
    <section className={page.card}>
      <h2>Off the ice</h2>
      <Segmented<FinishReason> block value={reason} onChange={setReason} options={[...FINISH_REASONS]} />
      <Button style={{ marginTop: 12 }} block onClick={finish}>
        Take it off the ice
      </Button>
    </section>
  );
}

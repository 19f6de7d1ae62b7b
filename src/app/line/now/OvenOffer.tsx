"use client";
import { Button } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { agreeOven } from "../actions";
import type { LineView } from "../plan/lineView";

/** Two heats are wanted of one oven: where they meet, with the minutes the stove works out for it. */
export function OvenOffer({ oven }: { readonly oven: NonNullable<LineView["oven"]> }) {
  const { act, busy } = useAct();
  const { meetC: ovenC, agreed, heat, dishes, cannot } = oven;
  if (cannot) return <p className={page.sub}>{t("ovenNot", { heat, dishes })}</p>;
  return (
    <p className={page.row} data-testid="oven-offer">
      <span className={page.grow}>{t(agreed ? "ovenIsAgreed" : "ovenMeets", { heat, dishes })}</span>
      <Button loading={busy} onClick={() => void act(agreeOven, { ovenC, agreed: !agreed }, () => t("isSaid"))}>
        {agreed ? t("ovenEach") : t("ovenAtOne")}
      </Button>
    </p>
  );
}

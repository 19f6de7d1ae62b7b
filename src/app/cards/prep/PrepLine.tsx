"use client";
import { Button } from "antd";
import { findPreparation } from "@/core/butter";
import type { PrepRow } from "@/house/cards/prepList";
import { minuteText } from "@/house/butter/stockBoard";
import { usualStove } from "@/house/butter/tonight";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { prepareBase } from "../../butter/actions";
import butter from "../../butter/Butter.module.css";
import { makeForTheShelf } from "../../butter/shelf/actions";

/** One thing to make: when it is begun, how much, and ticking it off into a lot with its label. */
export function PrepLine({ row }: { readonly row: PrepRow }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const { name, covers, needG, haveG, minutes, beginMin, done, atService } = row;
  const made = (code: string) => t("isMadeAsLot", { name, code });
  const tick = () =>
    row.kind === "base"
      ? act(prepareBase, { specId: row.specId, covers, ...usualStove(covers) }, made)
      : act(
          makeForTheShelf,
          {
            preparationId: row.preparationId,
            covers: Math.min(200, covers),
            frozen: (findPreparation(row.preparationId)?.portionG ?? null) !== null,
          },
          made,
        );
  return (
    <li>
      <div className={page.row}>
        <span className={butter.tag} data-state={done ? "good" : "soon"}>
          {done ? t("itIsThere") : atService ? t("atTheCall") : minuteText(beginMin)}
        </span>
        <span className={page.grow}>
          <span className={page.title}>{row.kind === "base" ? t("baseOfSauce", { name }) : name}</span>
          <br />
          <span className={page.sub}>
            {t("wantsAndHas", {
              need: format.mass(needG),
              have: format.mass(haveG),
              minutes: Math.round(minutes),
            })}
          </span>
        </span>
        {done || atService ? null : (
          <Button loading={busy} onClick={() => void tick()}>
            {t("tickItOff", { covers })}
          </Button>
        )}
      </div>
    </li>
  );
}

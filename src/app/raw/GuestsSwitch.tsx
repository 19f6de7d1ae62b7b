"use client";
import { Switch } from "antd";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { sayGuests } from "./actions";
import { t } from "@/words/raw";
import { Source } from "@/ui/layout/Source";

type Props = { readonly susceptible: boolean; readonly because: string; readonly source: string };

/** Whom the house serves: it decides whether anything raw or under-cooked leaves the kitchen at all. */
export function GuestsSwitch({ susceptible, because, source }: Props) {
  const { act } = useAct();
  return (
    <section className={page.card}>
      <h2>{t("whoEatsHere")}</h2>
      <label className={page.line}>
        <Switch
          checked={susceptible}
          onChange={(susceptibleGuests) =>
            act(sayGuests, { susceptibleGuests }, () =>
              susceptibleGuests ? t("notedNothingRawOrUnderCooked") : t("notedGuestsInGeneral"),
            )
          }
        />
        <span>{t("weServeTheYoungTheOld")}</span>
      </label>
      <Source>
        {because}. {source}
      </Source>
    </section>
  );
}

"use client";
import { Select } from "antd";
import { useState } from "react";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import { moveTo, openThePack } from "./actions";
import { Act, options, useLotAct, type LotFacts } from "./lotAct";
import { t } from "@/words/ice";
import { Source } from "@/ui/layout/Source";

/** To another place, or its pack opened. */
export function MoveWork({ lotId, placeId, places, canOpen, freezing }: LotFacts) {
  const { act, busy } = useLotAct();
  const others = places.filter(({ id }) => id !== placeId);
  const [to, setTo] = useState<string | null>(null);
  const [openDays, setOpenDays] = useState<number | null>(null);
  const kind = places.find(({ id }) => id === to)?.kind;
  return (
    <>
      <Field label={t("whereTo")}>
        {(id) => (
          <Select
            id={id}
            value={to}
            className={page.full ?? ""}
            options={options(others)}
            placeholder={t("chooseAPlace")}
            onChange={setTo}
            notFoundContent={t("thereIsNoOtherPlaceAdd")}
          />
        )}
      </Field>
      {kind === "freezer" ? <Source>{t("fromNowOnItCountsAs")}</Source> : null}
      {freezing && kind !== undefined && kind !== "freezer" ? (
        <p role="alert" className={`${page.alert} ${page.above}`} data-testid="leaves-its-hold">
          {t("itLeavesItsFreezingHold")}
        </p>
      ) : null}
      <Act
        busy={busy}
        disabled={!to}
        onClick={() => act(moveTo, { lotId, placeId: to }, () => t("movedAndWrittenInTheBook"))}
      >
        {t("moveIt")}
      </Act>
      {canOpen ? (
        <>
          <Field label={t("daysOnceOpenAsThePack")}>
            {(id) => (
              <NumberInput
                id={id}
                min={1}
                max={60}
                value={openDays}
                placeholder={t("noneSaid")}
                onChange={setOpenDays}
              />
            )}
          </Field>
          <Act busy={busy} onClick={() => act(openThePack, { lotId, openDays }, () => t("openedTodayIsDay1"))}>
            {t("openThePackDay1Is")}
          </Act>
        </>
      ) : null}
    </>
  );
}

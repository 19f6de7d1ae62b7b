"use client";
import { DeviceKeys } from "@/ui/form/DeviceKeys";
import { addScale } from "./actions";
import { t } from "@/words/block";

export const ScaleKeys = ({
  scales,
}: {
  readonly scales: readonly { readonly id: string; readonly name: string }[];
}) => (
  <DeviceKeys
    devices={scales}
    word="scale"
    placeholder={t("blockScale")}
    postsTo={(id) => `/api/scales/${id}`}
    none={t("noScaleYetWeightsAreTyped")}
    standIn="npm run scale"
    make={addScale}
  />
);

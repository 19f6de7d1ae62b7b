"use client";
import { DeviceKeys } from "@/ui/form/DeviceKeys";
import { addScale } from "./actions";

export const ScaleKeys = ({
  scales,
}: {
  readonly scales: readonly { readonly id: string; readonly name: string }[];
}) => (
  <DeviceKeys
    devices={scales}
    word="scale"
    placeholder="Block scale"
    postsTo={(id) => `/api/scales/${id}`}
    none="No scale yet: weights are typed."
    standIn="npm run scale"
    make={addScale}
  />
);

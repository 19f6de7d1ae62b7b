"use client";
import { Button, Typography } from "antd";
import { useState } from "react";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { makeDeviceKey } from "../actions";
import { t } from "@/words/ice";

/** The key a sensor sends along; shown once, a new one ends the old. */
export function SensorKey({ placeId, hasKey }: { readonly placeId: string; readonly hasKey: boolean }) {
  const { act } = useAct();
  const [key, setKey] = useState<string | null>(null);
  const make = async () => {
    const made = await act(makeDeviceKey, { placeId });
    if (made) setKey(made.value);
  };
  return (
    <>
      <p>{t.rich("aSensorPostsToApiPlaces", { placeId, code: (words) => <code>{words}</code> })}</p>
      {key ? (
        <p>
          <Typography.Text copyable code data-testid="device-key">
            {key}
          </Typography.Text>
        </p>
      ) : null}
      <Button onClick={make}>{hasKey || key ? t("newKeyEndingTheOld") : t("makeAKey")}</Button>
      <p className={`${page.source} ${page.above}`}>
        {t.rich("noSensorAtHandNpmRun", { code: (words) => <code>{words}</code> })}
      </p>
    </>
  );
}

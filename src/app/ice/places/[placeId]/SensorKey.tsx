"use client";
import { Button, Typography } from "antd";
import { useState } from "react";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { makeDeviceKey } from "../actions";

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
      <p>
        A sensor posts to <code>/api/places/{placeId}/readings</code> with the key of this place.
      </p>
      {key ? (
        <p>
          <Typography.Text copyable code data-testid="device-key">
            {key}
          </Typography.Text>
        </p>
      ) : null}
      <Button onClick={make}>{hasKey || key ? "New key, ending the old" : "Make a key"}</Button>
      <p className={`${page.source} ${page.above}`}>
        No sensor at hand: <code>npm run sensor</code> sends what a cold room would.
      </p>
    </>
  );
}

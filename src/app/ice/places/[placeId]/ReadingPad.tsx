"use client";
import { App, Button, InputNumber } from "antd";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useHouse } from "@/ui/HouseContext";
import { typeReading } from "../actions";

/** What the thermometer on the wall says, typed in two taps. */
export function ReadingPad({ placeId, aroundC }: { readonly placeId: string; readonly aroundC: number }) {
  const { format } = useHouse();
  const { message } = App.useApp();
  const router = useRouter();
  const [shown, setShown] = useState<number | null>(Math.round(format.toTemperature(aroundC) * 2) / 2);
  const note = async () => {
    const noted = await typeReading({ placeId, celsius: format.fromTemperature(shown ?? 0) }).catch(() => null);
    if (!noted) return void message.error("The house did not answer: try again.");
    if (!noted.ok) return void message.error(noted.error.message);
    message.success("Noted.");
    router.refresh();
  };
  return (
    <div style={{ display: "flex", gap: 10 }}>
      <InputNumber
        aria-label={`It reads, ${format.degree}`}
        value={shown}
        step={0.5}
        inputMode="decimal"
        size="large"
        onChange={setShown}
      />
      <Button size="large" disabled={shown === null} onClick={note}>
        Note it
      </Button>
    </div>
  );
}

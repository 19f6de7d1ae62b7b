"use client";
import { Alert, Button } from "antd";
import { timeText } from "@/words/format/format";
import { t } from "@/words/ui";
import { useHouse } from "../hooks/HouseContext";

type Props = { readonly foundAtMs: number | null; readonly onStartOver: () => void };

/** Work that was left half done is on the bench again, and says so. */
export function DraftNote({ foundAtMs, onStartOver }: Props) {
  const { timeZone } = useHouse();
  if (foundAtMs === null) return null;
  return (
    <Alert
      type="info"
      showIcon
      title={t("halfDoneFrom", { time: timeText(foundAtMs, timeZone) })}
      action={<Button onClick={onStartOver}>{t("startOver")}</Button>}
    />
  );
}

"use client";
import { Alert, Button } from "antd";
import { FileButton } from "@/ui/form/FileButton";
import { useMessage } from "@/ui/layout/Messages";
import { nanoid } from "nanoid";
import { useState } from "react";
import type { Advice } from "@/db/house/advice";
import type { Place } from "@/db/house/places";
import type { UsualFigures } from "@/db/lots/usualFigures";
import type { DeliveryRead } from "@/exchange/deliveryCsv";
import type { DeliveryDraft } from "@/exchange/draft";
import type { Format } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { DockDesk } from "../DockDesk";
import type { LotDraft } from "../van/lotDraft";
import { readDeliveryFile } from "./actions";
import { t } from "@/words/dock";
import { Source } from "@/ui/layout/Source";

type Props = {
  readonly suppliers: readonly string[];
  readonly places: readonly Place[];
  readonly advice: readonly Advice[];
  readonly serverNowMs: number;
  readonly usualPlaces: Readonly<Record<string, string>>;
  readonly usualFigures: Readonly<Record<string, UsualFigures>>;
};

const rounded = (value: number) => Math.round(value * 1000) / 1000;

function lotDraft(draft: DeliveryDraft, placeId: string | null, format: Format): LotDraft {
  const { supplier: _supplier, massG, statedMassG, receiptC, pricePerKg, ...facts } = draft;
  return {
    ...facts,
    key: nanoid(6),
    mass: rounded(format.toBigMass(massG)),
    statedMass: statedMassG === null ? null : rounded(format.toBigMass(statedMassG)),
    pricePerKg: pricePerKg === 0 ? null : pricePerKg,
    receipt: receiptC === null ? null : rounded(format.toTemperature(receiptC)),
    placeId,
    takenOver: [],
    placeByHand: false,
    orderId: null,
  };
}

/** Files in: what can be read goes to the desk, what cannot is named by its line. Files out: CSV and EPCIS. */
export function FileDesk(props: Props) {
  const { format } = useHouse();
  const message = useMessage();
  const [read, setRead] = useState<DeliveryRead | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const load = async (text: string) => {
    const answer = await readDeliveryFile({ text }).catch(() => null);
    if (!answer) return void message.error(t("theHouseDidNotAnswerTry"));
    if (!answer.ok) return void message.error(answer.error.message);
    setRead(answer.value);
    setChosen(answer.value.problems.length === 0 ? (answer.value.drafts[0]?.supplier ?? null) : null);
  };
  const vans = [...new Set(read?.drafts.map(({ supplier }) => supplier) ?? [])];
  const coldRoom = props.places.find(({ kind }) => kind === "cold-room") ?? props.places[0];
  const onDesk = read?.drafts.filter(({ supplier }) => supplier === chosen) ?? [];
  return (
    <div className={page.stack}>
      <div className={page.split}>
        <section className={page.card}>
          <h2>{t("in")}</h2>
          <FileButton accept=".csv,.txt,.json,.jsonld" onFile={(file) => void file.text().then(load)} type="primary">
            {t("chooseADeliveryFile")}
          </FileButton>
          <p className={`${page.source} ${page.above}`}>{t("csvWithTheColumnsOfThe")}</p>
        </section>
        <section className={page.card}>
          <h2>{t("outLast30Days")}</h2>
          <p>
            <a href="/api/export/deliveries.csv" download>
              {t("deliveriesAsCsv")}
            </a>
          </p>
          <p className={page.row}>
            <a href="/api/export/epcis.jsonld" download>
              {t("lotsAsEpcis20Json")}
            </a>
          </p>
          <Source>{t("withTheKeyDataElementsOf")}</Source>
        </section>
      </div>
      {read && read.problems.length > 0 ? (
        <Alert
          type="warning"
          showIcon
          title={t("lengthOfLength2CannotBeRead", {
            length: read.problems.length,
            length2: read.problems.length + read.drafts.length,
          })}
          description={
            <>
              <ul data-testid="bad-rows">
                {read.problems.map(({ line, reason }) => (
                  <li key={`${line}-${reason}`}>{t("lineLineReason", { line, reason })}</li>
                ))}
              </ul>
              <p className={page.line}>
                {chosen === null && read.drafts.length > 0 ? (
                  <Button onClick={() => setChosen(vans[0] ?? null)}>
                    {t("takeTheLengthGoodOnes", { length: read.drafts.length })}
                  </Button>
                ) : null}
                <Button
                  onClick={() => {
                    setRead(null);
                    setChosen(null);
                  }}
                >
                  {t("takeNone")}
                </Button>
              </p>
            </>
          }
        />
      ) : null}
      {chosen !== null && vans.length > 1 ? (
        <p className={page.line}>
          {t("severalVansInOneFile")}
          {vans.map((van) => (
            <Button key={van} type={van === chosen ? "primary" : "default"} onClick={() => setChosen(van)}>
              {van || t("noSupplier")} ({read?.drafts.filter(({ supplier }) => supplier === van).length})
            </Button>
          ))}
        </p>
      ) : null}
      {chosen !== null && onDesk.length > 0 ? (
        <DockDesk
          key={chosen}
          {...props}
          drafts={{ supplier: chosen, lots: onDesk.map((draft) => lotDraft(draft, coldRoom?.id ?? null, format)) }}
        />
      ) : null}
    </div>
  );
}

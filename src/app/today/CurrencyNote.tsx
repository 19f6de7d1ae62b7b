"use client";
import { Alert, Button, Select } from "antd";
import { useState } from "react";
import { useAct } from "@/ui/hooks/useAct";
import { sayCurrency } from "../actions";
import { t } from "@/words/today";

/** A house from before prices had a currency says which it is; until then no price is shown. */
export function CurrencyNote({ currencies }: { readonly currencies: readonly string[] }) {
  const { act, busy } = useAct();
  const [currency, setCurrency] = useState<string | null>(null);
  return (
    <Alert
      type="info"
      showIcon
      title={t("whatArePricesIn")}
      description={t("untilTheHouseSaysSoNo")}
      action={
        <>
          <Select<string>
            showSearch
            aria-label={t("currency")}
            placeholder={t("eurNokUsd")}
            value={currency}
            onChange={setCurrency}
            options={currencies.map((code) => ({ value: code, label: code }))}
          />{" "}
          <Button
            loading={busy}
            disabled={currency === null}
            onClick={() => act(sayCurrency, { currency }, () => t("pricesAreInCurrency", { currency: currency ?? "" }))}
          >
            {t("saySo")}
          </Button>
        </>
      }
    />
  );
}

"use client";
import { Alert, Button, Select } from "antd";
import { useState } from "react";
import { useAct } from "@/ui/hooks/useAct";
import { sayCurrency } from "./actions";

/** A house from before prices had a currency says which it is; until then no price is shown. */
export function CurrencyNote({ currencies }: { readonly currencies: readonly string[] }) {
  const { act, busy } = useAct();
  const [currency, setCurrency] = useState<string | null>(null);
  return (
    <Alert
      type="info"
      showIcon
      title="What are prices in?"
      description="Until the house says so no price is shown. What was kept stays as it is."
      action={
        <>
          <Select<string>
            showSearch
            aria-label="Currency"
            placeholder="EUR, NOK, USD"
            value={currency}
            onChange={setCurrency}
            options={currencies.map((code) => ({ value: code, label: code }))}
          />{" "}
          <Button
            loading={busy}
            disabled={currency === null}
            onClick={() => act(sayCurrency, { currency }, () => `Prices are in ${currency}.`)}
          >
            Say so
          </Button>
        </>
      }
    />
  );
}

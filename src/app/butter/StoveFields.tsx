"use client";
import { Select } from "@/ui/form/Select";
import type { Burner } from "@/db/butter/spots";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { t } from "@/words/butter";

/** Pans of a station by their base, mm. */
const PANS_MM = [160, 200, 240, 280, 320] as const;

/** The pan by its base. */
export function PanField({ panMm, onChange }: { readonly panMm: number; readonly onChange: (panMm: number) => void }) {
  const { format } = useHouse();
  return (
    <Field label={t("pan")}>
      {(id) => (
        <Select
          id={id}
          value={panMm}
          options={PANS_MM.map((value) => ({ value, label: format.length(value, 0) }))}
          onChange={onChange}
        />
      )}
    </Field>
  );
}

type BurnerProps = {
  readonly burners: readonly Burner[];
  readonly netPowerW: number;
  readonly onChange: (netPowerW: number) => void;
};

/** The burner by what it gives the pan; two that give the same are one choice. */
export function BurnerField({ burners, netPowerW, onChange }: BurnerProps) {
  const { format } = useHouse();
  return (
    <Field label={t("burner")}>
      {(id) => (
        <Select
          id={id}
          value={netPowerW}
          options={[...new Map(burners.map((one) => [one.netPowerW, one.name]))].map(([value, name]) => ({
            value,
            label: t("burnerOf", { name, kw: format.number(value / 1000, 2) }),
          }))}
          onChange={onChange}
        />
      )}
    </Field>
  );
}

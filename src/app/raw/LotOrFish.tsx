import { Select } from "antd";
import { shortName, SPECIES } from "@/core/species";
import { Field } from "@/ui/form/Field";

const RAW_FISH = SPECIES.filter(({ rawUse }) => rawUse !== "none").map((one) => ({
  value: one.id,
  label: shortName(one),
}));

type Props = {
  readonly lots: readonly { readonly id: string; readonly title: string }[];
  readonly lotId: string | null;
  readonly speciesId: string;
  readonly onLot: (lotId: string | null) => void;
  readonly onSpecies: (speciesId: string) => void;
};

/** A lot of the house, or none and a fish out of the table, just to know. */
export const LotOrFish = ({ lots, lotId, speciesId, onLot, onSpecies }: Props) => (
  <>
    <Field label="Lot">
      {(id) => (
        <Select<string>
          id={id}
          allowClear
          placeholder="none, just to know"
          value={lotId}
          onChange={(next: string | undefined) => onLot(next ?? null)}
          options={lots.map(({ id: value, title }) => ({ value, label: title }))}
        />
      )}
    </Field>
    {lotId ? null : (
      <Field label="Fish">
        {(id) => (
          <Select<string>
            id={id}
            showSearch={{ optionFilterProp: "label" }}
            value={speciesId}
            onChange={onSpecies}
            options={RAW_FISH}
          />
        )}
      </Field>
    )}
  </>
);

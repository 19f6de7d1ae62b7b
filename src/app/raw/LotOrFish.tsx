import { Select } from "@/ui/form/Select";
import { shortName, SPECIES } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { t } from "@/words/raw";

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
    <Field label={t("lot")}>
      {(id) => (
        <Select<string>
          id={id}
          allowClear
          placeholder={t("noneJustToKnow")}
          value={lotId}
          onChange={(next: string | undefined) => onLot(next ?? null)}
          options={lots.map(({ id: value, title }) => ({ value, label: title }))}
        />
      )}
    </Field>
    {lotId ? null : (
      <Field label={t("fish")}>
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

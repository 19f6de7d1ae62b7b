"use client";
import { Segmented } from "antd";
import { withLength, withStations, type Side, type Station } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import { UnitInput } from "@/ui/form/UnitInput";
import styles from "./Cut.module.css";
import { t } from "@/words/block";

type Props = {
  readonly title: string;
  readonly side: Side;
  readonly mostG: number;
  readonly onSide: (side: Side) => void;
  readonly onStation: (index: number, part: Partial<Station>) => void;
};

/** One side as scale, ruler and calliper have it. */
export function SideCard({ title, side, mostG, onSide, onStation }: Props) {
  const { format } = useHouse();
  return (
    <section className={page.card}>
      <h2>{title}</h2>
      <div className={styles.inputs}>
        <QuantityField
          label={t("weight")}
          kind="mass"
          value={side.massG}
          min={20}
          max={mostG}
          onChange={(massG) => onSide({ ...side, massG })}
        />
        <QuantityField
          label={t("length")}
          kind="length"
          value={side.lengthMm}
          min={40}
          max={2000}
          onChange={(mm) => onSide(withLength(side, mm))}
        />
        <label className={styles.full}>
          {t("stations")}
          <Segmented<number>
            block
            value={side.profile.length}
            options={[3, 4, 5, 6, 7]}
            onChange={(count) => onSide(withStations(side, count))}
          />
        </label>
      </div>
      <table className={styles.stations}>
        <thead>
          <tr>
            <th scope="col">{t("at")}</th>
            <th scope="col">{t("thickLengthUnit", { lengthUnit: format.lengthUnit })}</th>
            <th scope="col">{t("wideLengthUnit", { lengthUnit: format.lengthUnit })}</th>
          </tr>
        </thead>
        <tbody>
          {side.profile.map((station, index) => (
            <tr key={index}>
              <td className="figure">{format.length(station.atMm)}</td>
              <td>
                <UnitInput
                  kind="length"
                  label={t("thicknessAtAt", { at: format.length(station.atMm) })}
                  value={station.thicknessMm}
                  min={1}
                  max={120}
                  onChange={(thicknessMm) => onStation(index, { thicknessMm })}
                />
              </td>
              <td>
                <UnitInput
                  kind="length"
                  label={t("widthAtAt", { at: format.length(station.atMm) })}
                  value={station.widthMm}
                  min={5}
                  max={600}
                  onChange={(widthMm) => onStation(index, { widthMm })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

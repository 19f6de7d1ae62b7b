"use client";
import { PrinterOutlined } from "@ant-design/icons";
import { Button, QRCode } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import { t } from "@/words/butter";
import { printTheLabel } from "../../actions";
import styles from "./Label.module.css";

type Props = {
  readonly name: string;
  readonly code: string;
  readonly mass: string;
  readonly made: string;
  readonly useBy: string | null;
  readonly contains: readonly string[];
  readonly mayContain: readonly string[];
  /** Null: nothing was ever said of it. */
  readonly unknown: readonly string[] | null;
  readonly house: string;
  readonly lotId: string;
  /** When the simulated label printer gave one. */
  readonly printed: readonly string[];
};

/** The label of a pot as it is printed. */
export function LabelCard({
  name,
  code,
  mass,
  made,
  useBy,
  contains,
  mayContain,
  unknown,
  house,
  lotId,
  printed,
}: Props) {
  const { act, busy } = useAct();
  return (
    <div className={styles.place}>
      <section className={styles.label} data-testid="label">
        <div>
          <p className={styles.name}>{name}</p>
          <p className={styles.code}>{t("codeAndMass", { code, mass })}</p>
          <p>{t("madeLine", { made })}</p>
          {useBy === null ? null : <p className={styles.useBy}>{t("useByWhen", { when: useBy })}</p>}
          <p className={styles.contains}>{t("containsLine", { list: contains.join(", ") || t("none") })}</p>
          {mayContain.length > 0 ? <p>{t("mayContainLine", { list: mayContain.join(", ") })}</p> : null}
          {unknown === null || unknown.length > 0 ? (
            <p>{t("notKnownLine", { list: unknown?.join(", ") ?? t("allOfThem") })}</p>
          ) : null}
          <p className={styles.house}>{house}</p>
        </div>
        <QRCode value={code} size={132} type="svg" bordered={false} />
      </section>
      <Button
        size="large"
        type="primary"
        icon={<PrinterOutlined />}
        className={styles.print ?? ""}
        onClick={() => window.print()}
      >
        {t("printIt")}
      </Button>
      <Button
        size="large"
        className={styles.print ?? ""}
        loading={busy}
        onClick={() => void act(printTheLabel, { lotId }, (count) => t("labelGiven", { count }))}
      >
        {t("labelPrinter")}
      </Button>
      <p className={styles.print} data-testid="printed">
        {printed.length === 0 ? t("printerGaveNone") : t("printerGave", { list: printed.join(", ") })}
      </p>
    </div>
  );
}

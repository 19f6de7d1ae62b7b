"use client";
import { Modal } from "antd";
import { t } from "@/words/shell";
import styles from "./Shell.module.css";

const KEYS = [
  ["0 – 9", t("todayAndTheViewsAsNumbered")],
  ["n", t("newDelivery")],
  ["/", t("findALotOrASpecies")],
  [t("space"), t("stopOrStartTheClockOf")],
  ["t", t("noteATemperature")],
  ["?", t("thisList")],
] as const;

/** The keys of the house, in a dialog. */
export function KeysHelp({ onClose }: { readonly onClose: () => void }) {
  return (
    <Modal title={t("keys")} open onCancel={onClose} footer={null}>
      <dl className={styles.keys}>
        {KEYS.map(([key, meaning]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}

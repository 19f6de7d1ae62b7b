"use client";
import { CloseOutlined, PlusOutlined } from "@ant-design/icons";
import { Button } from "antd";
import { shortName } from "@/core/species";
import { VerdictMark } from "@/ui/layout/VerdictTag";
import styles from "../Dock.module.css";
import type { LotDraft, ReadDraft } from "./lotDraft";
import { t } from "@/words/dock";

type Props = {
  readonly lots: readonly LotDraft[];
  readonly read: readonly (ReadDraft | null)[];
  readonly at: number;
  readonly onGo: (index: number) => void;
  readonly onRemove: (index: number) => void;
  readonly onAnother: () => void;
};

/** The lots of the van, each with its verdict as it stands. */
export function LotTabs({ lots, read, at, onGo, onRemove, onAnother }: Props) {
  return (
    <div className={styles.tabs}>
      {lots.map(({ key }, index) => {
        const one = read[index];
        const settled = one && (one.judgement.complete || one.judgement.verdict === "refuse");
        const name = one ? shortName(one.species) : t("lotIndex", { index: index + 1 });
        return (
          <span key={key} className={styles.tab} data-on={index === at || undefined}>
            <button type="button" aria-pressed={index === at} onClick={() => onGo(index)}>
              {settled ? <VerdictMark verdict={one.judgement.verdict} /> : null}
              {name}
            </button>
            {lots.length > 1 ? (
              <button
                type="button"
                className={styles.drop}
                aria-label={t("takeNameOut", { name })}
                onClick={() => onRemove(index)}
              >
                <CloseOutlined />
              </button>
            ) : null}
          </span>
        );
      })}
      <Button icon={<PlusOutlined />} onClick={onAnother}>
        {t("anotherLot")}
      </Button>
    </div>
  );
}

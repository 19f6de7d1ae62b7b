"use client";
import { Button } from "antd";
import { useState } from "react";
import type { Tablet, TabletKind } from "@/db/doors/tablets";
import { Asked } from "@/ui/form/Asked";
import { Choice } from "@/ui/form/Choice";
import { Field } from "@/ui/form/Field";
import { HoldButton } from "@/ui/form/HoldButton";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import { useHouse } from "@/ui/hooks/HouseContext";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { dayText, momentText } from "@/words/format/format";
import { t } from "@/words/doors";
import { letATabletIn, shutATabletOut } from "./actions";

type Props = { readonly tablets: readonly Tablet[]; readonly nowMs: number };

const KINDS = (["tablet", "screen"] as const).map((value) => ({ value, label: t("tabletKind", { kind: value }) }));

/** Every tablet and screen that was let in; a code for the next one, and the way to shut one out. */
export function TabletsCard({ tablets, nowMs }: Props) {
  const { timeZone } = useHouse();
  const { act, busy } = useAct();
  const [name, setName] = useState("");
  const [kind, setKind] = useState<TabletKind>("tablet");
  const [code, setCode] = useState<string | null>(null);
  const letIn = async () => {
    const made = await act(letATabletIn, { name, kind });
    if (!made) return;
    setCode(made.value);
    setName("");
  };
  return (
    <section className={page.card} aria-label={t("tablets")} data-testid="tablets">
      <h2>{t("tablets")}</h2>
      {tablets.length === 0 ? <Empty>{t("noTablets")}</Empty> : null}
      <ul className={`${page.rows} ${page.below}`}>
        {tablets.map((tablet) => (
          <li key={tablet.id} className={page.row}>
            <span className={page.grow}>
              <span className={page.title}>{tablet.name}</span>
              <br />
              <span className={page.sub}>
                {t("tabletKind", { kind: tablet.kind })} ·{" "}
                {t("madeBy", { day: dayText(tablet.pairedAtMs, timeZone), who: tablet.pairedBy })} ·{" "}
                {tablet.lastSeenMs === null
                  ? t("neverSeen")
                  : t("lastSeen", { when: momentText(tablet.lastSeenMs, nowMs, timeZone) })}
              </span>
            </span>
            <HoldButton
              loading={busy}
              aria-label={`${t("shutOut")}: ${tablet.name}`}
              onConfirm={() =>
                void act(shutATabletOut, { tabletId: tablet.id }, () => t("tabletIsOut", { name: tablet.name }))
              }
            >
              {t("shutOut")}
            </HoldButton>
          </li>
        ))}
      </ul>
      <Asked>
        <Field label={t("newTabletsName")}>
          {(id) => <TextInput id={id} value={name} maxLength={40} onChange={({ target }) => setName(target.value)} />}
        </Field>
        <Field label={t("whatItDoes")}>
          {(id) => <Choice id={id} value={kind} options={KINDS} onChange={setKind} />}
        </Field>
        <Button loading={busy} disabled={name.trim() === ""} onClick={() => void letIn()}>
          {t("letOneIn")}
        </Button>
      </Asked>
      {code ? (
        <p className={page.above} role="status">
          {t("codeIs")}
          <br />
          <span className={`${page.big} figure`} data-testid="pairing-code">
            {code.slice(0, 4)} {code.slice(4)}
          </span>
        </p>
      ) : null}
    </section>
  );
}

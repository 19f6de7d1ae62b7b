"use client";
import { Button } from "antd";
import { useState } from "react";
import { ROLES, type Role } from "@/house/people";
import { Asked } from "@/ui/form/Asked";
import { Choice } from "@/ui/form/Choice";
import { Field } from "@/ui/form/Field";
import { HoldButton } from "@/ui/form/HoldButton";
import { PinField } from "@/ui/form/PinField";
import { TextInput } from "@/ui/form/TextInput";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/doors";
import styles from "./House.module.css";
import { changeRole, letSomebodyGo, newPinFor, takeSomebodyIn } from "./actions";

type Person = { readonly id: string; readonly name: string; readonly role: Role; readonly hasPin: boolean };

const ROLE_CHOICES = ROLES.map((value) => ({ value, label: t("roleIs", { role: value }) }));

/** Everybody of the house, what each is here, and the ways in and out. */
export function PeopleCard({ people }: { readonly people: readonly Person[] }) {
  return (
    <section className={page.card} aria-label={t("people")} data-testid="people">
      <h2>{t("people")}</h2>
      <ul className={styles.people}>
        {people.map((person) => (
          <PersonRow key={person.id} person={person} />
        ))}
      </ul>
      <TakeIn />
      <Source>{t("peopleWhy")}</Source>
    </section>
  );
}

function PersonRow({ person: { id, name, role, hasPin } }: { readonly person: Person }) {
  const { act, busy } = useAct();
  const [pin, setPin] = useState("");
  const give = async () => {
    if (await act(newPinFor, { personId: id, pin }, () => t("pinIsNew", { name }))) setPin("");
  };
  return (
    <li>
      <details className={page.open}>
        <summary>
          {name}, {t("roleIs", { role })}
          {hasPin ? "" : `, ${t("noPinYet")}`}
        </summary>
        <Asked>
          <Field label={t("role")}>
            {(field) => (
              <Choice
                id={field}
                value={role}
                options={ROLE_CHOICES}
                onChange={(next) =>
                  void act(changeRole, { personId: id, role: next }, () => t("roleHasChanged", { name, role: next }))
                }
              />
            )}
          </Field>
          <PinField label={t("newPin")} value={pin} onChange={setPin} onEnter={() => void give()} />
          <Button loading={busy} disabled={pin === ""} onClick={() => void give()}>
            {t("newPin")}
          </Button>
          <HoldButton
            loading={busy}
            onConfirm={() => void act(letSomebodyGo, { personId: id }, () => t("hasGone", { name }))}
          >
            {t("hasLeft")}
          </HoldButton>
        </Asked>
      </details>
    </li>
  );
}

function TakeIn() {
  const { act, busy } = useAct();
  const [name, setName] = useState("");
  const [role, setRole] = useState<Role>("cook");
  const [pin, setPin] = useState("");
  const take = async () => {
    if (!(await act(takeSomebodyIn, { name, role, pin }, () => t("hasComeIn", { name })))) return;
    setName("");
    setPin("");
  };
  return (
    <Asked>
      <Field label={t("name")}>
        {(id) => <TextInput id={id} value={name} maxLength={60} onChange={({ target }) => setName(target.value)} />}
      </Field>
      <Field label={t("role")}>
        {(id) => <Choice id={id} value={role} options={ROLE_CHOICES} onChange={setRole} />}
      </Field>
      <PinField label={t("firstPin")} value={pin} onChange={setPin} />
      <Button loading={busy} disabled={name.trim() === "" || pin === ""} onClick={() => void take()}>
        {t("takeIn")}
      </Button>
    </Asked>
  );
}

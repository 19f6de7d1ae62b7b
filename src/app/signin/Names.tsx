"use client";
import { Alert, Button } from "antd";
import type { Route } from "next";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Role } from "@/house/people";
import { PinPad } from "@/ui/form/PinPad";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/doors";
import { chooseCook } from "../actions";
import { signIn, signOut } from "./actions";
import styles from "./SignIn.module.css";
import { answerWithin } from "@/ui/hooks/answerWithin";
import { UNANSWERED } from "@/ui/hooks/askOnce";
import { useRefresh } from "@/ui/reach/useRefresh";

type Person = {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly onShift: boolean;
  readonly hasPin: boolean;
};
type Props = {
  readonly people: readonly Person[];
  /** Whose PIN is asked for first. */
  readonly first: string | null;
  /** Who is signed in on this tablet. */
  readonly here: string | null;
  /** Where to go then. */
  readonly to: string;
};

/** A PIN takes its time on purpose; a house silent for so long does not answer, ms. */
const PIN_MS = 15_000;

/** Everybody of the house: the name alone in a shift, else name and PIN. */
export function Names({ people, first, here, to }: Props) {
  const router = useRouter();
  const refresh = useRefresh();
  const [chosen, setChosen] = useState(first);
  const [pin, setPin] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const person = people.find(({ id }) => id === chosen);
  const go = (of: Person) => {
    router.replace((of.role === "inspector" ? "/book" : to) as Route);
    refresh();
  };
  const choose = async (of: Person) => {
    setProblem(null);
    setPin("");
    if (!of.onShift) return setChosen(of.id);
    const answer = await answerWithin(chooseCook(of.name));
    if (answer?.ok) go(of);
    else setProblem(answer ? answer.error.message : UNANSWERED);
  };
  const enter = async () => {
    if (!person || pin === "" || busy) return;
    setBusy(true);
    // what is typed meanwhile is the next try
    setPin("");
    const answer = await answerWithin(signIn({ personId: person.id, pin }), PIN_MS);
    setBusy(false);
    if (answer?.ok) go(person);
    else setProblem(answer ? answer.error.message : UNANSWERED);
  };
  if (person)
    return (
      <section className={page.card}>
        {problem ? <Alert type="error" showIcon title={problem} className={page.below ?? ""} /> : null}
        <PinPad label={t("pinOf", { name: person.name })} value={pin} onChange={setPin} onEnter={() => void enter()} />
        <p className={`${page.line} ${page.above}`}>
          <Button type="primary" size="large" loading={busy} disabled={pin.length < 4} onClick={() => void enter()}>
            {t("signIn")}
          </Button>
          <Button size="large" onClick={() => setChosen(null)}>
            {t("someoneElse")}
          </Button>
        </p>
      </section>
    );
  return (
    <>
      {problem ? <Alert type="error" showIcon title={problem} className={page.below ?? ""} /> : null}
      <ul className={styles.names}>
        {people.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              disabled={!one.hasPin}
              data-here={one.name === here || undefined}
              onClick={() => void choose(one)}
            >
              {one.name}
              <small>
                {one.hasPin
                  ? [t("roleIs", { role: one.role }), one.onShift ? t("onShift") : ""].filter(Boolean).join(", ")
                  : t("noPinYet")}
              </small>
            </button>
          </li>
        ))}
      </ul>
      {here ? (
        <p className={page.above}>
          <Button
            size="large"
            onClick={() =>
              void signOut({}).then(() => {
                refresh();
              })
            }
          >
            {t("signOut")}
          </Button>
        </p>
      ) : null}
    </>
  );
}

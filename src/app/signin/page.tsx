import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { db } from "@/db/connection";
import { isOnShift, listPeople } from "@/db/doors/people";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/doors";
import { requestTime, requireHouse } from "../request";
import { whoAsks } from "../session";
import { LetIn } from "./LetIn";
import { Names } from "./Names";
import styles from "./SignIn.module.css";

export const metadata: Metadata = { title: t("signInTitle") };

type Props = { readonly searchParams: Promise<{ readonly to?: string; readonly name?: string }> };

/** Where a page was asked for before anybody had signed in: an address of this house and nothing else. */
const pathHere = (to: string | undefined) => (to && /^\/[a-z]/.test(to) ? to : "/");

/** The door: a tablet is let in once, a cook signs in once a shift. */
export default async function SignInPage({ searchParams }: Props) {
  const nowMs = await requestTime();
  requireHouse();
  const known = await whoAsks();
  if (!known) redirect("/");
  // nobody signs in on a screen
  if (known.asker.kind === "screen") redirect("/line/pass");
  const { to, name } = await searchParams;
  if (known.asker.kind === "nobody")
    return (
      <main className={styles.door}>
        <PageHead title={t("letInTitle")} asks={t("letInAsks")} />
        <LetIn to={pathHere(to)} />
      </main>
    );
  const people = listPeople(db(), nowMs).map((one) => ({
    id: one.id,
    name: one.name,
    role: one.role,
    onShift: isOnShift(one, nowMs),
    hasPin: one.pinHash !== null,
  }));
  return (
    <>
      <PageHead title={t("signInTitle")} asks={t("signInAsks")} />
      <Names
        people={people}
        first={people.find((one) => one.name === name)?.id ?? null}
        here={known.person?.name ?? null}
        to={pathHere(to)}
      />
    </>
  );
}

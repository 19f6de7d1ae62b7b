"use client";
import dynamic from "next/dynamic";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useEffect, useState, type ReactNode } from "react";
import { useKeepAwake } from "@/ui/hooks/useAwake";
import { useChefsPinAsked } from "@/ui/hooks/chefsPin";
import { useHeadFocus } from "@/ui/hooks/useHeadFocus";
import { PlainButton } from "@/ui/form/PlainButton";
import { useMessage } from "@/ui/layout/Messages";
import { ViewMark } from "@/ui/layout/ViewMark";
import { WipeLock } from "@/ui/layout/WipeLock";
import { VIEWS } from "@/ui/layout/views";
import { awaitTouch } from "@/ui/sound/sound";
import { chooseCook } from "../actions";
import styles from "./Shell.module.css";
import type { CookClock } from "../stove/clockOf";
import { ReachAlert } from "./ReachAlert";
import { StripClocks } from "./StripClocks";
import { OutboxAlert } from "../stove/OutboxAlert";
import { useCookNews } from "../stove/useCookNews";
import { t } from "@/words/shell";
import { answerWithin } from "@/ui/hooks/answerWithin";
import { UNANSWERED } from "@/ui/hooks/askOnce";
import { useRefresh } from "@/ui/reach/useRefresh";

type Props = {
  readonly cooks: readonly string[];
  readonly atStation: string;
  /** Made to be tried. */
  readonly demo: boolean;
  readonly running: readonly CookClock[];
  readonly serverNowMs: number;
  readonly children: ReactNode;
};

/** Loaded when it is asked for. */
const KeysHelp = dynamic(() => import("./KeysHelp").then((part) => part.KeysHelp), { ssr: false });

const ViewKeys = dynamic(() => import("./ViewKeys").then((part) => part.ViewKeys), { ssr: false });

const ChefsPin = dynamic(() => import("./ChefsPin").then((part) => part.ChefsPin), { ssr: false });

export function Shell({ cooks, atStation, demo, running, serverNowMs, children }: Props) {
  const pathname = usePathname();
  const router = useRouter();
  const refresh = useRefresh();
  const [help, setHelp] = useState(false);
  const message = useMessage();
  const pinAsked = useChefsPinAsked();
  useEffect(awaitTouch, []);
  useKeepAwake();
  useHeadFocus(pathname);
  useCookNews(running.map(({ id }) => id));
  return (
    <div className={styles.frame}>
      <a className={styles.skip} href="#main">
        {t("toTheWork")}
      </a>
      <nav className={styles.rail} aria-label={t("views")}>
        <span className={styles.brand} aria-hidden="true">
          {t("gaffel")}
        </span>
        {VIEWS.map(({ id, key, href, label, asks }) => {
          const here = href === "/" ? pathname === "/" : pathname.startsWith(href);
          return (
            <Link
              key={id}
              href={href}
              className={styles.view}
              aria-current={here ? "page" : undefined}
              title={t("asksKeyKey", { asks, key })}
            >
              <ViewMark view={id} />
              <span>{label}</span>
              <kbd className={styles.key} aria-hidden="true">
                {key}
              </kbd>
            </Link>
          );
        })}
      </nav>
      <header className={styles.strip}>
        <StripClocks serverNowMs={serverNowMs} running={running} />
        <WipeLock />
        <Link href="/handover" className={styles.handOver}>
          {t("handOver")}
        </Link>
        <select
          aria-label={t("atTheStation")}
          className={styles.cook}
          value={atStation}
          onChange={async ({ target: { value } }) => {
            const chosen = await answerWithin(chooseCook(value));
            if (!chosen) message.error(UNANSWERED);
            // the first time in a shift the PIN is asked
            if (chosen && !chosen.ok && chosen.error.kind === "refused" && chosen.error.code === "pinFirst")
              router.push(`/signin?name=${encodeURIComponent(value)}&to=${encodeURIComponent(pathname)}`);
            else refresh();
          }}
        >
          {cooks.includes(atStation) ? null : <option value={atStation}>{t("whoIsHere")}</option>}
          {cooks.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </header>
      <main id="main" className={styles.main} tabIndex={-1}>
        {demo ? <p className={styles.demo}>{t("demoHouse")}</p> : null}
        <ReachAlert />
        <OutboxAlert />
        {children}
        <footer className={styles.foot}>
          <Link href="/handover">{t("handOver")}</Link>
          <Link href="/house">{t("theHouse")}</Link>
          <Link href="/device">{t("thisDevice")}</Link>
          <PlainButton look="quiet" onClick={() => setHelp(true)}>
            {t("keys")}
          </PlainButton>
        </footer>
      </main>
      <ViewKeys onHelp={() => setHelp(true)} />
      {pinAsked ? <ChefsPin /> : null}
      {help ? <KeysHelp onClose={() => setHelp(false)} /> : null}
    </div>
  );
}

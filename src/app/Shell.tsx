"use client";
import { Modal } from "antd";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { liveCook } from "@/core/cooking";
import { clockText, dayText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useNow } from "@/ui/hooks/useNow";
import { useShortcuts } from "@/ui/hooks/useShortcuts";
import { ViewMark } from "@/ui/layout/ViewMark";
import { VIEWS } from "@/ui/layout/views";
import { chooseCook } from "./actions";
import styles from "./Shell.module.css";
import type { CookClock } from "./stove/clockOf";
import { OutboxAlert } from "./stove/OutboxAlert";
import { useTapped } from "./stove/tappedCooks";
import { useCookNews } from "./stove/useCookNews";
import { t } from "@/words/shell";

type Props = {
  readonly cooks: readonly string[];
  readonly atStation: string;
  readonly running: readonly CookClock[];
  readonly serverNowMs: number;
  readonly children: ReactNode;
};

const KEYS = [
  ["0 – 9", t("todayAndTheViewsAsNumbered")],
  ["n", t("newDelivery")],
  ["/", t("findALotOrASpecies")],
  [t("space"), t("stopOrStartTheClockOf")],
  ["t", t("noteATemperature")],
  ["?", t("thisList")],
] as const;

export function Shell({ cooks, atStation, running, serverNowMs, children }: Props) {
  const pathname = usePathname();
  const router = useRouter();
  const [help, setHelp] = useState(false);
  useCookNews(running.map(({ id }) => id));
  useShortcuts({
    ...Object.fromEntries(VIEWS.map(({ key, href }) => [key, () => router.push(href)])),
    n: () => router.push("/dock"),
    "/": () => document.querySelector<HTMLInputElement>("[data-find] input, input[data-find]")?.focus(),
    "?": () => setHelp(true),
  });
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
        <StripClock serverNowMs={serverNowMs} running={running} />
        <select
          aria-label={t("atTheStation")}
          className={styles.cook}
          value={atStation}
          onChange={async ({ target }) => {
            await chooseCook(target.value);
            router.refresh();
          }}
        >
          {cooks.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </header>
      <main id="main" className={styles.main} tabIndex={-1}>
        <OutboxAlert />
        {children}
      </main>
      {help ? (
        <Modal title={t("keys")} open onCancel={() => setHelp(false)} footer={null}>
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
      ) : null}
    </div>
  );
}

function StripClock({ serverNowMs, running }: Pick<Props, "serverNowMs" | "running">) {
  const { name, timeZone } = useHouse();
  const nowMs = useNow(serverNowMs);
  const eventsOf = useTapped();
  return (
    <>
      <time className={styles.clock} dateTime={new Date(nowMs).toISOString()}>
        {timeText(nowMs, timeZone)}
      </time>
      <span className={styles.house}>
        {name}
        <span className={styles.day}>{dayText(nowMs, timeZone)}</span>
      </span>
      <ul className={styles.running} aria-label={t("cookingNow")}>
        {running.map((cook) => {
          const live = liveCook(cook.stageSeconds, eventsOf(cook.id, cook.events), nowMs);
          if (live.status !== "running" && live.status !== "paused") return null;
          const late = live.remainingS < 0;
          return (
            <li key={cook.id}>
              <Link href={`/stove/cook/${cook.id}`} className={late ? styles.late : styles.chip}>
                <span>{cook.title}</span>
                <b className="figure">
                  {live.status === "paused" ? t("paused") : `${late ? t("late") : ""}${clockText(live.remainingS)}`}
                </b>
              </Link>
            </li>
          );
        })}
      </ul>
    </>
  );
}

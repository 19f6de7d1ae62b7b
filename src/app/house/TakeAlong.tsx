import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/doors";

const FILES = [
  { href: "/api/export/house.json", title: t("theWholeHouse"), text: t("readsBackIntoAnEmptyHouse") },
  { href: "/api/export/tables.zip", title: t("everyTable"), text: t("forASpreadsheet") },
  { href: "/api/export/cards.jsonld", title: t("everyCard"), text: t("asRecipesOthersRead") },
  { href: "/api/export/house.sqlite", title: t("theFileItself"), text: t("withEverythingInIt") },
] as const;

/** The house in forms that others read. */
export const TakeAlong = () => (
  <section className={page.card}>
    <h2>{t("takeItWithYou")}</h2>
    <ul className={page.rows}>
      {FILES.map(({ href, title, text }) => (
        <li key={href}>
          <a href={href} download className={page.title}>
            {title}
          </a>
          <p className={page.sub}>{text}</p>
        </li>
      ))}
    </ul>
    <Source>{t("asACommand")}</Source>
  </section>
);

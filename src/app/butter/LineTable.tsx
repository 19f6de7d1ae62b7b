"use client";
import type { ScaledLine } from "@/core/butter";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { say } from "@/words/say";
import { t } from "@/words/shelf";
import styles from "./Butter.module.css";

/** What goes in, line by line, with what is said of how it grows. */
export function LineTable({ lines }: { readonly lines: readonly ScaledLine[] }) {
  const { format } = useHouse();
  return (
    <table className={styles.lines}>
      <thead>
        <tr>
          <th scope="col">{t("good")}</th>
          <th scope="col">{t("soMuch")}</th>
        </tr>
      </thead>
      <tbody>
        {lines.map(({ name, massG, note }, index) => (
          <tr key={`${name}${index}`}>
            <td>
              {name} {note ? <span className={page.sub}>{say(note, format)}</span> : null}
            </td>
            <td>{format.mass(massG)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

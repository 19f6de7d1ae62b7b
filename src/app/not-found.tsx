import Link from "next/link";
import styles from "@/ui/layout/page.module.css";

export default function NotFound() {
  return (
    <section className={styles.notice}>
      <h1>Nothing on this hook</h1>
      <p>The lot, batch or page you asked for is not in this house.</p>
      <Link href="/">Back to today</Link>
    </section>
  );
}

"use client";
import { Button } from "antd";
import styles from "@/ui/layout/page.module.css";

/** Something broke on our side: say so, say what is safe, offer the way on. */
export default function ErrorPage({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <section className={styles.notice}>
      <h1>That slipped off the board</h1>
      <p>This view could not be shown. What you had saved is safe, and running clocks go on running.</p>
      <Button type="primary" onClick={reset}>
        Try again
      </Button>
    </section>
  );
}

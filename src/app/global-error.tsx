"use client";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/shell";

/** The frame itself could not be drawn; no theme to rely on here. */
export default function GlobalError({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <html lang="en">
      <body style={{ fontFamily: "system-ui, sans-serif", padding: 48, background: PALETTE.ice, color: PALETTE.ink }}>
        <h1>{t("gaffelCouldNotOpenThisPage")}</h1>
        <p>{t("whatWasSavedIsSafeIf")}</p>
        <button type="button" onClick={reset} style={{ minHeight: 48, padding: "0 24px" }}>
          {t("tryAgain")}
        </button>
      </body>
    </html>
  );
}

"use client";

/** The frame itself could not be drawn; no theme to rely on here. */
export default function GlobalError({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <html lang="en">
      <body style={{ fontFamily: "system-ui, sans-serif", padding: 48, background: "#f4f7f6", color: "#10242b" }}>
        <h1>Gaffel could not open this page</h1>
        <p>What was saved is safe. If it stays like this, restart Gaffel on its machine.</p>
        <button type="button" onClick={reset} style={{ minHeight: 48, padding: "0 24px" }}>
          Try again
        </button>
      </body>
    </html>
  );
}

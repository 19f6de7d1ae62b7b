import localFont from "next/font/local";

/*
 * The house's fonts ship with it. Each comes with a fallback stretched to its measures, so that no line moves when the font arrives, and
 * is fetched with the page. The letters beyond Western Europe are files of their own, asked for when one is written. (The build reads
 * these calls as they stand: nothing in them may be a name.)
 */

const text = localFont({
  src: [
    {
      path: "../../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2",
      weight: "200 800",
      style: "normal",
    },
  ],
  variable: "--font-text",
  display: "swap",
  adjustFontFallback: "Arial",
});

const figures = localFont({
  src: [
    {
      path: "../../../node_modules/@fontsource-variable/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2",
      weight: "200 800",
      style: "normal",
    },
  ],
  variable: "--font-figures",
  display: "swap",
  adjustFontFallback: "Arial",
});

const heading = localFont({
  src: [
    {
      path: "../../../node_modules/@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2",
      weight: "200 800",
      style: "normal",
    },
  ],
  variable: "--font-heading",
  display: "swap",
  adjustFontFallback: "Arial",
});

const textBeyond = localFont({
  src: "../../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-wght-normal.woff2",
  weight: "200 800",
  variable: "--font-text-beyond",
  display: "swap",
  preload: false,
  adjustFontFallback: false,
  declarations: [
    {
      prop: "unicode-range",
      value:
        "U+0100-02BA, U+02BD-02C5, U+02C7-02CC, U+02CE-02D7, U+02DD-02FF, U+1D00-1DBF, U+1E00-1E9F, U+1EF2-1EFF, U+2020, U+20A0-20AB, U+20AD-20C0, U+2113, U+2C60-2C7F, U+A720-A7FF",
    },
  ],
});

/** Classes that set the fonts' names for the stylesheet. */
export const FONTS = [text, figures, heading, textBeyond].map(({ variable }) => variable).join(" ");

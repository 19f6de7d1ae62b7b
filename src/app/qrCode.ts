import QRCode from "qrcode";

/** So many are kept: addresses of the house stay, the seal of the day is another after every entry. */
const MOST = 20;
const drawn = new Map<string, Promise<string>>();

/** A text to point a camera at, as the address of a picture; drawn once, for every look at a page shows it again. */
export function qrCode(text: string): Promise<string> {
  const known = drawn.get(text);
  if (known) return known;
  if (drawn.size >= MOST) drawn.clear();
  const picture = QRCode.toString(text, { type: "svg", margin: 1 }).then(
    (svg) => `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`,
  );
  drawn.set(text, picture);
  return picture;
}

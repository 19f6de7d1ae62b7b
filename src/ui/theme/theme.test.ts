import { theme } from "antd";
import { PALETTE } from "./palette";
import { THEME } from "./theme";

/** Relative luminance and contrast of two colours as WCAG 2.2 defines them. */
function luminance(hex: string): number {
  const [red, green, blue] = [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}
const contrast = (one: string, other: string) => {
  const [dark, light] = [luminance(one), luminance(other)].sort((a, b) => a - b) as [number, number];
  return (light + 0.05) / (dark + 0.05);
};

const token = theme.getDesignToken(THEME);
const { ice, surface, wash, groove } = PALETTE;
const grounds = {
  ice,
  surface,
  wash,
  groove,
  success: token.colorSuccessBg,
  warning: token.colorWarningBg,
  error: token.colorErrorBg,
  info: token.colorInfoBg,
};

test("black on white is 21 to 1 (WCAG 2.2)", () => expect(contrast("#000000", "#ffffff")).toBeCloseTo(21, 6));

test.each(Object.entries(grounds))(
  "%s: words, links and what is muted are read on it, 4.5 to 1 (WCAG 2.2, 1.4.3)",
  (_, ground) => {
    for (const text of [token.colorText, token.colorLink, PALETTE.muted])
      expect(contrast(text, ground)).toBeGreaterThanOrEqual(4.5);
  },
);

test.each(["success", "warning", "error", "info"] as const)(
  "%s: the sign of a note is seen on its ground, 3 to 1 (1.4.11)",
  (kind) => {
    const sign = {
      success: token.colorSuccess,
      warning: token.colorWarning,
      error: token.colorError,
      info: token.colorInfo,
    };
    expect(contrast(sign[kind], grounds[kind])).toBeGreaterThanOrEqual(3);
  },
);

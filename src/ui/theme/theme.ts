import type { ThemeConfig } from "antd";
import { PALETTE } from "./palette";

const TEXT = "var(--text)";
const FIGURES = "var(--figures)";

/** The look of the house on Ant Design's tokens; `zeroRuntime` because the component styles ship as one cached stylesheet. */
export const THEME: ThemeConfig = {
  zeroRuntime: true,
  hashed: false,
  cssVar: { key: "gaffel" },
  token: {
    colorPrimary: PALETTE.roeText,
    colorInfo: PALETTE.brineText,
    colorLink: PALETTE.brineText,
    colorSuccess: PALETTE.kelp,
    colorWarning: PALETTE.iodine,
    colorError: PALETTE.stop,
    // the grounds of notes, which Ant Design would mix too dark out of these greens for a link to be read on
    colorSuccessBg: PALETTE.kelpWash,
    colorSuccessBorder: PALETTE.kelpEdge,
    colorWarningBg: PALETTE.iodineWash,
    colorWarningBorder: PALETTE.iodineEdge,
    colorErrorBg: PALETTE.stopWash,
    colorErrorBorder: PALETTE.stopEdge,
    colorInfoBg: PALETTE.wash,
    colorInfoBorder: PALETTE.brineEdge,
    colorTextBase: PALETTE.ink,
    colorText: PALETTE.ink,
    colorTextPlaceholder: PALETTE.muted,
    colorTextDescription: PALETTE.muted,
    colorBgLayout: PALETTE.ice,
    colorBgContainer: PALETTE.surface,
    colorBorder: PALETTE.edge,
    colorBorderSecondary: PALETTE.hairline,
    controlOutline: "rgba(29, 127, 134, 0.35)",
    borderRadius: 4,
    borderRadiusLG: 4,
    borderRadiusSM: 3,
    boxShadow: "none",
    boxShadowSecondary: `0 0 0 1px ${PALETTE.edge}, 0 6px 18px rgba(16, 36, 43, 0.12)`,
    fontFamily: TEXT,
    fontFamilyCode: FIGURES,
    fontSize: 16,
    controlHeight: 44,
    controlHeightLG: 52,
    controlHeightSM: 44,
    wireframe: false,
    motionDurationMid: "0.12s",
    motionDurationSlow: "0.16s",
  },
  components: {
    Button: { fontWeight: 650, primaryShadow: "none", defaultShadow: "none", dangerShadow: "none" },
    Segmented: { itemSelectedBg: PALETTE.slate, itemSelectedColor: PALETTE.surface, trackBg: PALETTE.groove },
    Select: { optionSelectedBg: PALETTE.wash, optionActiveBg: PALETTE.groove },
    Table: { headerBg: PALETTE.ice, headerColor: PALETTE.muted, rowHoverBg: PALETTE.wash, cellPaddingBlock: 12 },
    InputNumber: { handleVisible: true },
  },
};

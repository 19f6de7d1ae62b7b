import type { ViewId } from "./views";

const STROKE = {
  fill: "none",
  stroke: "currentColor",
  strokeWidth: 1.8,
  strokeLinecap: "round",
  strokeLinejoin: "round",
} as const;

/** Line marks of the views, drawn for this product: they show the work, not a generic symbol. */
const PATHS: Record<ViewId, string> = {
  today: "M4 17h16M6 17a6 6 0 0 1 12 0M12 4v3M4.5 8.5l2 1.6M19.5 8.5l-2 1.6M8 20.5h8",
  dock: "M3 15h18M5 15v5M19 15v5M7 15V9h10v6M9.5 9V6h5v3M3 20h18",
  ice: "M12 3v18M4.2 7.5l15.6 9M19.8 7.5l-15.6 9M12 6l-2-1.6M12 6l2-1.6M12 18l-2 1.6M12 18l2 1.6",
  block: "M3 13c3-5 8-6 12-3l5-3v10l-5-3c-4 3-9 2-12-1zM9 9.2v8M13 9v8.2",
  raw: "M4 17c4 2 12 2 16 0M6 13c2-2 4-2 6 0M10 11c2-2 4-2 6 0M13 13.5c1.6-1.6 3.4-1.6 5 0M18 4L8 9.5M20 6l-3 .6",
  stove: "M3 13h13a0 0 0 0 1 0 0c0 3-2 5-5 5H8c-3 0-5-2-5-5zM16 13.5l5-2M6 9c-1-1.5 1-2.5 0-4M10 9c-1-1.5 1-2.5 0-4",
  butter:
    "M3 11h13v2a6 6 0 0 1-6 6H9a6 6 0 0 1-6-6zM16 12l5-2.5M6.5 14.5c1.2 1 2.2-1 3.4 0s2 .4 2.8-.2M9.5 3c1.6 1.7 1.6 3.4 0 3.4S7.900 4.700 9.5 3z",
  cards: "M4 5h13v14H4zM20 8v12H7.500M10.500 9.200a3 3 0 1 0 0 6a3 3 0 1 0 0-6M8 12.200h5",
  line: "M4 6h16M4 12h16M4 18h16M6 4v4M6 6h6M9 10v4M9 12h8M13 16v4M13 18h6",
  book: "M5 4h11a3 3 0 0 1 3 3v13H8a3 3 0 0 1-3-3zM5 17a3 3 0 0 1 3-3h11M9 8h6",
};

export function ViewMark({ view, size = 26 }: { readonly view: ViewId; readonly size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true" focusable="false">
      <path d={PATHS[view]} {...STROKE} />
    </svg>
  );
}

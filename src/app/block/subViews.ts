import type { SubView } from "@/ui/layout/SubNav";

export const BLOCK_VIEWS: readonly SubView[] = [
  { href: "/block", label: "Bench" },
  { href: "/block/order", label: "What to order" },
  { href: "/block/count", label: "By count and shape" },
  { href: "/block/yields", label: "Yields" },
  { href: "/block/boards", label: "Boards" },
];

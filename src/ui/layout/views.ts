/** The views of the working day that exist; their numbers are their places in the whole day and stay when others join. */
export const VIEWS = [
  { key: "0", id: "today", href: "/", label: "Today", asks: "What now?" },
  { key: "1", id: "dock", href: "/dock", label: "Dock", asks: "Is it good? May I keep it?" },
  { key: "2", id: "ice", href: "/ice", label: "Ice", asks: "What do I use first?" },
  { key: "3", id: "block", href: "/block", label: "Block", asks: "How do I break it down and cut it?" },
  { key: "4", id: "raw", href: "/raw", label: "Raw", asks: "May I serve this raw?" },
  { key: "5", id: "stove", href: "/stove", label: "Stove", asks: "How do I cook this piece, in this pan?" },
  { key: "9", id: "book", href: "/book", label: "Book", asks: "Prove it." },
] as const;

export type ViewId = (typeof VIEWS)[number]["id"];

"use client";
import dynamic from "next/dynamic";

/** The chart comes after the page: it is the heaviest part and nothing waits for it. */
export const PlaceChart = dynamic(() => import("@/ui/charts/PlaceCurve"), {
  ssr: false,
  loading: () => <div style={{ height: 260 }} aria-hidden="true" />,
});

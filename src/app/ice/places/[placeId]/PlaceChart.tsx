"use client";
import dynamic from "next/dynamic";
import page from "@/ui/layout/page.module.css";

/** The chart comes after the page: it is the heaviest part and nothing waits for it. */
export const PlaceChart = dynamic(() => import("@/ui/charts/PlaceCurve"), {
  ssr: false,
  loading: () => <div className={page.chartMiddle} aria-hidden="true" />,
});

"use client";
import dynamic from "next/dynamic";
import page from "@/ui/layout/page.module.css";

export const ArrivalChart = dynamic(() => import("@/ui/charts/ArrivalDots"), {
  ssr: false,
  loading: () => <div className={page.chartLow} aria-hidden="true" />,
});

"use client";
import dynamic from "next/dynamic";

export const ArrivalChart = dynamic(() => import("@/ui/charts/ArrivalDots"), {
  ssr: false,
  loading: () => <div style={{ height: 170 }} aria-hidden="true" />,
});

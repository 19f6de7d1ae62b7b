"use client";
import dynamic from "next/dynamic";
import styles from "./Place.module.css";

/** The search for a fish with all it knows, on pages that first show something else; its place is kept. */
export const SpeciesField = dynamic(() => import("./SpeciesSearch").then((part) => part.SpeciesSearch), {
  ssr: false,
  loading: () => <span className={styles.place} aria-hidden="true" />,
});

"use client";
import dynamic from "next/dynamic";
import styles from "./Slider.module.css";

/** A thumb on a track. It comes once the page is of use, the reading beside it stands before; its room is kept. */
export const Slider = dynamic(() => import("antd/es/slider"), {
  ssr: false,
  loading: () => <div className={styles.room} />,
});

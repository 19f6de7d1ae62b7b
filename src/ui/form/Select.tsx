"use client";
import type { SelectProps } from "antd";
import dynamic from "next/dynamic";
import type { ReactNode } from "react";
import styles from "./Place.module.css";

/** The library's list with its search, loaded after the page stands; its place is kept. For a few words `Choice` does. */
export const Select = dynamic<SelectProps>(() => import("antd/es/select"), {
  ssr: false,
  loading: () => <span className={styles.place} aria-hidden="true" />,
}) as unknown as <Value>(props: SelectProps<Value>) => ReactNode;

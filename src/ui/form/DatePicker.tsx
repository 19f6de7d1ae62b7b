"use client";
import type { DatePickerProps } from "antd";
import type { Dayjs } from "dayjs";
import dynamic from "next/dynamic";
import type { ComponentType } from "react";
import styles from "./Place.module.css";

type Props = Omit<DatePickerProps, "value" | "onChange" | "multiple"> & {
  readonly value: Dayjs | null;
  readonly onChange: (day: Dayjs | null) => void;
};

/** The library's calendar, loaded where a day is asked for; its place is kept. */
export const DatePicker = dynamic<Props>(
  async () => (await import("antd/es/date-picker")).default as unknown as ComponentType<Props>,
  { ssr: false, loading: () => <span className={styles.place} aria-hidden="true" /> },
);

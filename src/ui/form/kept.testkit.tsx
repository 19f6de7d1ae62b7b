import { act, useState, type ReactElement } from "react";
import { one } from "../drawn.testkit";
import { lookFirst } from "./unsettled";

export const input = () => one<HTMLInputElement>("input");

/** What has to be looked at before anything is done; the finger is put on it. */
export async function looked(): Promise<string | null> {
  let first: string | null = null;
  await act(async () => void (first = lookFirst()));
  return first;
}

/** A field as a page keeps it: what it passes on comes back to it. */
export function kept<T>(first: T, draw: (value: T, onChange: (value: T) => void) => ReactElement) {
  const passed: T[] = [];
  const Page = () => {
    const [value, setValue] = useState(first);
    return draw(value, (next) => {
      passed.push(next);
      setValue(next);
    });
  };
  return { passed, page: <Page /> };
}

import { startTransition, useEffect, useState } from "react";

/** A value once it has stood still for `quietMs`: for work that may wait until a drag is over. */
export function useSettled<T>(value: T, quietMs: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setSettled(value)), quietMs);
    return () => clearTimeout(timer);
  }, [value, quietMs]);
  return settled;
}

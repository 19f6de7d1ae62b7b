import { useRouter } from "next/navigation";
import { useCallback } from "react";
import { reached } from "./reach";

/**
 * Has the page drawn anew, once the house answers. Asked for over a dead line, the page would be left for the browser's own, with all
 * that was typed in it.
 */
export function useRefresh(): () => void {
  const router = useRouter();
  return useCallback(() => void reached().then(() => router.refresh()), [router]);
}

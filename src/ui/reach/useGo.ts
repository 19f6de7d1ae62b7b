import type { Route } from "next";
import { useRouter } from "next/navigation";
import { useCallback } from "react";
import { t } from "@/words/ui";
import { useMessage } from "../layout/Messages";
import { isLost } from "./reach";

type Router = ReturnType<typeof useRouter>;

type Options = Parameters<Router["push"]>[1] & { readonly replace?: boolean };

/** Goes to a page, as a link does; while the house does not answer this page stays, and says so. */
export function useGo(): (href: Route, options?: Options) => void {
  const router = useRouter();
  const message = useMessage();
  return useCallback(
    (href: Route, { replace = false, ...options }: Options = {}) => {
      if (isLost()) message.warning(t("thisPageStays"));
      else if (replace) router.replace(href, options);
      else router.push(href, options);
    },
    [router, message],
  );
}

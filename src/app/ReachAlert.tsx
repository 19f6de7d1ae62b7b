"use client";
import { useEffect } from "react";
import { useMessage } from "@/ui/layout/Messages";
import page from "@/ui/layout/page.module.css";
import { isLost, reached, useLost } from "@/ui/reach/reach";
import { t } from "@/words/ui";

/** A link that would leave this page for another of the house, here and not in a window of its own. */
function leavesThisPage(event: MouseEvent): boolean {
  const link = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>("a[href]") : null;
  if (!link || link.hasAttribute("download") || link.target === "_blank") return false;
  if (event.ctrlKey || event.metaKey || event.shiftKey) return false;
  return link.origin === location.origin && link.pathname + link.search !== location.pathname + location.search;
}

/** Says on every page that the house does not answer, and keeps the page that is there until it does: a browser would show its own. */
export function ReachAlert() {
  const message = useMessage();
  const lost = useLost();
  useEffect(() => {
    const doubt = () => void reached();
    const stay = (event: MouseEvent) => {
      if (!isLost() || !leavesThisPage(event)) return;
      event.preventDefault();
      event.stopPropagation();
      message.warning(t("thisPageStays"));
    };
    window.addEventListener("offline", doubt);
    // before anything of the page hears the tap
    window.addEventListener("click", stay, { capture: true });
    return () => {
      window.removeEventListener("offline", doubt);
      window.removeEventListener("click", stay, { capture: true });
    };
  }, [message]);
  return lost ? (
    <p className={page.alert} role="alert">
      <b>{t("theHouseDoesNotAnswer")}</b> {t("whatStaysMeanwhile")}
    </p>
  ) : null;
}

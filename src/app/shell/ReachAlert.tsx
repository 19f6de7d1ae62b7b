"use client";
import { useEffect } from "react";
import { useMessage } from "@/ui/layout/Messages";
import page from "@/ui/layout/page.module.css";
import { isLost, reached, useLost } from "@/ui/reach/reach";
import { t } from "@/words/ui";

/** A link that would ask the house for a page, be it this one, here and not in a window of its own; a place on this page asks nobody. */
function asksForAPage(event: MouseEvent): boolean {
  const link = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>("a[href]") : null;
  if (!link || link.hasAttribute("download") || link.target === "_blank") return false;
  if (event.ctrlKey || event.metaKey || event.shiftKey) return false;
  const isHere = link.pathname + link.search === location.pathname + location.search;
  return link.origin === location.origin && !(isHere && link.hash !== "");
}

/** Says on every page that the house does not answer, and keeps the page that is there until it does: a browser would show its own. */
export function ReachAlert() {
  const message = useMessage();
  const lost = useLost();
  useEffect(() => {
    const doubt = () => void reached();
    const stay = (event: MouseEvent) => {
      if (!isLost() || !asksForAPage(event)) return;
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

"use client";
import { Button } from "antd";
import { t } from "@/words/ui";

/** Prints the page; `quiet` where something else is what the page is for. */
export const PrintButton = ({ quiet = false }: { readonly quiet?: boolean }) => (
  <Button type={quiet ? "default" : "primary"} onClick={() => window.print()}>
    {t("print")}
  </Button>
);

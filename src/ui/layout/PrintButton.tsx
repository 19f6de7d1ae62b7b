"use client";
import { Button } from "antd";
import { t } from "@/words/ui";

export const PrintButton = () => (
  <Button type="primary" onClick={() => window.print()}>
    {t("print")}
  </Button>
);

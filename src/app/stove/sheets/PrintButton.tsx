"use client";
import { Button } from "antd";

export const PrintButton = () => (
  <Button type="primary" onClick={() => window.print()}>
    Print
  </Button>
);

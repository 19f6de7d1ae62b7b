"use client";
import { message } from "antd";
import type { MessageInstance } from "antd/es/message/interface";
import { createContext, use, type ReactNode } from "react";

const Said = createContext<MessageInstance | null>(null);

/** Where a page says what came of an act. The messages alone: the library's whole frame brings dialogs that no first page needs. */
export function Messages({ children }: { readonly children: ReactNode }) {
  const [api, holder] = message.useMessage({ maxCount: 2, duration: 4 });
  return (
    <Said value={api}>
      {holder}
      {children}
    </Said>
  );
}

/** Says something of an act, wherever in the house. */
export function useMessage(): MessageInstance {
  const api = use(Said);
  if (!api) throw new Error("Messages are said inside the house's frame only.");
  return api;
}

"use client";
import { ConfigProvider } from "antd";
import enGB from "antd/locale/en_GB";
import type { ReactNode } from "react";
import { Keypad } from "../form/Keypad";
import { THEME } from "../theme/theme";
import { Messages } from "./Messages";
import { StyleRegistry } from "./StyleRegistry";

export function Providers({ nonce, children }: { readonly nonce: string; readonly children: ReactNode }) {
  return (
    <StyleRegistry>
      <ConfigProvider theme={THEME} locale={enGB} csp={{ nonce }} wave={{ disabled: true }}>
        <Messages>
          {children}
          <Keypad />
        </Messages>
      </ConfigProvider>
    </StyleRegistry>
  );
}

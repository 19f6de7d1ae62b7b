"use client";
import { createCache, extractStyle, StyleProvider } from "@ant-design/cssinjs";
import { useServerInsertedHTML } from "next/navigation";
import { useRef, useState, type ReactNode } from "react";

/** On the server the house's one theme is worked out once and not with every page: it is a tenth of what a page costs. */
const shared = typeof window === "undefined" ? createCache() : null;

/** The values of the theme as style variables, told once a page. */
export function StyleRegistry({ children }: { readonly children: ReactNode }) {
  const [cache] = useState(() => shared ?? createCache());
  const told = useRef("");
  useServerInsertedHTML(() => {
    const text = extractStyle(cache, { plain: true });
    if (text === told.current) return null;
    // a part that streams in later may bring variables of its own
    told.current = text;
    return (
      <style
        id="antd-cssinjs"
        data-rc-order="prepend"
        data-rc-priority="-1000"
        dangerouslySetInnerHTML={{ __html: text }}
      />
    );
  });
  return <StyleProvider cache={cache}>{children}</StyleProvider>;
}

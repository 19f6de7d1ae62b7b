"use client";
import Lines, { type TextAreaProps, type TextAreaRef } from "antd/es/input/TextArea";
import { useRef } from "react";
import { useTypedEarly } from "../hooks/useTypedEarly";

/** Lines of text; what was typed before the page came alive counts. */
export function TextLines(props: TextAreaProps) {
  const lines = useRef<TextAreaRef>(null);
  useTypedEarly(() => lines.current?.resizableTextArea?.textArea);
  return <Lines ref={lines} {...props} />;
}

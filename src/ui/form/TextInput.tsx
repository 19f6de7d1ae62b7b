"use client";
// a line of text and no more: the library's usual way in brings codes, passwords and searches with it
import Input, { type InputProps, type InputRef } from "antd/es/input/Input";
import { useImperativeHandle, useRef, type Ref } from "react";
import { useTypedEarly } from "../hooks/useTypedEarly";

type Props = InputProps & { readonly ref?: Ref<InputRef> };

/** A line of text; what was typed before the page came alive counts. */
export function TextInput({ ref, ...props }: Props) {
  const input = useRef<InputRef>(null);
  useImperativeHandle(ref, () => input.current!, []);
  useTypedEarly(() => input.current?.input);
  return <Input ref={input} {...props} />;
}

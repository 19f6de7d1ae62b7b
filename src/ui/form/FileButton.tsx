"use client";
import { Button } from "antd";
import { useRef, type ComponentProps } from "react";

type Props = Pick<ComponentProps<typeof Button>, "type" | "loading" | "children"> & {
  /** Kinds of file it takes, as of an input's `accept`. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
};

/** Chooses one file by the device's own dialog. The same file again counts as chosen again. */
export function FileButton({ accept, onFile, ...button }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = "";
          if (file) onFile(file);
        }}
      />
      <Button {...button} onClick={() => input.current?.click()} />
    </>
  );
}

import compile from "icu-minify/compile";
import type { CompiledMessage } from "icu-minify/format";

/** Where the catalogue is read as it stands (tests, the command line): each message is compiled when first said. */
export const compiled = (message: CompiledMessage): CompiledMessage =>
  typeof message === "string" ? compile(message) : message;

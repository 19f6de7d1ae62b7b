import type { CompiledMessage } from "icu-minify/format";
import { assert } from "@/core/shared";

/** In a browser the build has compiled every message already (`scripts/messages-loader.cjs`), so that no parser is sent. */
export function compiled(message: CompiledMessage): CompiledMessage {
  assert(typeof message !== "string" || !message.includes("{"), "the build did not compile the messages");
  return message;
}

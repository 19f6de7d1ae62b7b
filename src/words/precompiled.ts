import type { CompiledMessage } from "icu-minify/format";

/** In a browser the build has compiled every message already (`scripts/messages-loader.cjs`), so that no parser is sent. */
export const compiled = (message: CompiledMessage): CompiledMessage => message;

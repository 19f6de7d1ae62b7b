import canonicalize from "canonicalize";

/** JSON in its one canonical form (RFC 8785), so that equal values give equal text (for hashing). Throws on what JSON has no word for. */
export const stableJson = (value: unknown): string => canonicalize(value) ?? "null";

export const FRUGAL: { readonly flags: readonly string[]; readonly env: Readonly<Record<string, string>> };

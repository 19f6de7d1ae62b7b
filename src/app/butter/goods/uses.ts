/** What a good does in a sauce. */
export const USES = ["liquid", "fat", "dairy", "egg", "acid", "flavour", "starch", "sweet", "green"] as const;

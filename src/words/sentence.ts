/** A sentence that stands alone begins with a capital. */
export const sentence = (text: string): string => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`;

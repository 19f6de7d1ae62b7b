/** Four numbers with dots between them. */
const IPV4 = /^\d{1,3}(\.\d{1,3}){3}$/;
/** An address in brackets, as a browser writes it. */
const IPV6 = /^\[[0-9a-f:.]+\]$/;
/** Names that are only ever of this machine or of the local network (RFC 6761, RFC 6762). */
const LOCAL = /^(localhost|[a-z0-9-]+(\.[a-z0-9-]+)*\.(local|localhost))$/;
/** A name as it may be set in the house: letters, numbers, hyphens and dots. */
export const HOST_NAME = /^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?(\.[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?)*$/;

/**
 * Whether the house answers to what the browser called it: an address, this machine, a name of the local network, or one the house gave
 * itself. A foreign page can have a name of its own point here (DNS rebinding); it is told that nobody of that name lives here.
 */
export function answersTo(host: string | null, names: readonly string[]): boolean {
  const name = (host ?? "")
    .toLowerCase()
    .replace(/:\d{1,5}$/, "")
    .replace(/\.$/, "");
  return IPV4.test(name) || IPV6.test(name) || LOCAL.test(name) || names.includes(name);
}

import type { Server } from "node:https";

type Certificate = { readonly key: string; readonly cert: string };
export function certificateIn(folder: string, addresses: readonly string[]): Promise<Certificate>;
export function fingerprintOf(certificate: Certificate): string;
export function serveHttps(certificate: Certificate, host: string, port: number, innerPort: number): Promise<Server>;

import os from "node:os";

/** Where a tablet in the same network finds this machine: its addresses, as long as it listens to more than itself. */
export function kitchenAddresses(port: string): readonly string[] {
  return Object.values(os.networkInterfaces())
    .flatMap((addresses) => addresses ?? [])
    .filter(({ family, internal }) => family === "IPv4" && !internal)
    .map(({ address }) => `${process.env["GAFFEL_SCHEME"] ?? "http"}://${address}${port === "" ? "" : `:${port}`}`);
}

/** Whether the house listens to the kitchen's network, as it was started. */
export const isOpenToKitchen = (): boolean =>
  !["", "127.0.0.1", "localhost", "::1"].includes(process.env["GAFFEL_HOST"] ?? "");

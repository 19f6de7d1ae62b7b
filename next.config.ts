import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  typedRoutes: true,
  reactStrictMode: true,
  // a house on a kitchen network opens the app by the machine's name or address, whatever that is
  devIndicators: false,
  // pictures are drawn or shown as they came; the resizing service would only be a way in
  images: { unoptimized: true },
  // it starts threads by the path of a file
  serverExternalPackages: ["piscina", "highs"],
  turbopack: {
    rules: {
      "**/words/en/**/*.ts": { loaders: ["./scripts/messages-loader.cjs"], as: "*.js" },
      "**/antd/es/form/context.js": { loaders: ["./scripts/form-context-loader.cjs"], as: "*.js" },
    },
  },
  // a year of a logger is 20 MB; what is larger is turned away by the form, in words
  experimental: {
    serverActions: { bodySizeLimit: "25mb" },
    proxyClientMaxBodySize: "25mb",
    // a tablet in a kitchen waits for script, not for requests: a page loads little that it does not need
    turbopackChunking: { firstPageLoadPriority: 0.9, minChunkSize: 20000 },
  },
  // browsers ask for this one unasked; a missing one is an error on the console
  rewrites: async () => [{ source: "/favicon.ico", destination: "/icon.svg" }],
};

export default config;

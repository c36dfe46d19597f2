import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // A newer Cove takes over only where nobody is in the middle of a run; see worker.ts.
      registerType: "prompt",
      injectRegister: null,
      manifest: {
        name: "Cove",
        short_name: "Cove",
        description: "The upkeep of a car's interior, between deep cleans.",
        start_url: "/",
        display: "standalone",
        lang: "en-GB",
        background_color: "#fbf8f1",
        theme_color: "#fbf8f1",
        icons: [{ src: "/mark.svg", sizes: "any", type: "image/svg+xml" }],
      },
      workbox: {
        globPatterns: ["**/*.{js,css,html,svg,woff2}"],
        // A run goes on with the files it began with; every other page opens as the server has it now.
        directoryIndex: "",
        navigateFallback: "/index.html",
        navigateFallbackAllowlist: [/^\/runs\//],
        cleanupOutdatedCaches: true,
        runtimeCaching: [
          {
            urlPattern: ({ url, request }) =>
              request.mode === "navigate" && !/^\/(api|openapi)\//.test(url.pathname),
            handler: "NetworkFirst",
            options: {
              networkTimeoutSeconds: 2,
              plugins: [
                {
                  fetchDidSucceed: async ({ response }) => {
                    if (!response.headers.has("Cove-Answer")) {
                      throw new Error("Something else answered in Cove's place.");
                    }
                    return response;
                  },
                  // Without the server: the page whose files are all on the device, and not the one seen last.
                  cacheWillUpdate: async () => null,
                  cachedResponseWillBeUsed: () =>
                    caches.match("/index.html", { ignoreSearch: true }),
                },
              ],
            },
          },
          // What can be read without a network: the cars, Today, the cabin, methods with their cautions. (This function is
          // written into the worker as text and can refer to nothing outside it.)
          {
            urlPattern: ({ url, request, sameOrigin }) =>
              sameOrigin &&
              request.method === "GET" &&
              /^\/api\/(vehicles(\/[^/]+(\/(today|cabin|glass|workplace|spots|reminders|things-out|surfaces\/[^/]+|methods.*|routine(\/next)?|learnt))?)?|schools|events|methods.*)$/.test(
                url.pathname,
              ),
            handler: "NetworkFirst",
            options: {
              cacheName: "last-read",
              // A server that takes a request and does not answer it is as good as none.
              networkTimeoutSeconds: 3,
              expiration: { maxEntries: 120 },
              // Only what Cove said: the sign-in page of a network would say 200 as well.
              cacheableResponse: { statuses: [200], headers: { "Cove-Answer": "1" } },
              plugins: [
                {
                  fetchDidSucceed: async ({ response }) => {
                    if (!response.headers.has("Cove-Answer")) {
                      throw new Error("Something else answered in Cove's place.");
                    }
                    // Whole before it is passed on: an answer cut off on the way is none, and a page that leaves while
                    // one arrives keeps no part of it open, which would hold a newer Cove back.
                    return new Response(await response.arrayBuffer(), response);
                  },
                },
              ],
            },
          },
        ],
      },
    }),
  ],
  build: { outDir: "dist", emptyOutDir: true, assetsInlineLimit: 0 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:5117" } },
});

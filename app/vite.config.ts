import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    tailwindcss(),
    svelte(),
    VitePWA({
      // Registered by main.ts; a new version is there once all tabs were closed, and never reloads a page somebody works on.
      injectRegister: null,
      manifest: false,
      workbox: {
        globPatterns: ['**/*.{html,js,css,svg,woff2}'],
        navigateFallbackDenylist: [/^\/api\//],
        runtimeCaching: [
          {
            // Classes are kept as drafts, by the page itself; everything else that is only read is answered from here when the
            // server is not there.
            urlPattern: ({ url, request }) =>
              request.method === 'GET' &&
              url.pathname.startsWith('/api/') &&
              !/^\/api\/(health|classes\/)/.test(url.pathname),
            handler: 'NetworkFirst',
            options: {
              cacheName: 'answers',
              networkTimeoutSeconds: 4,
              expiration: { maxEntries: 600 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  build: { outDir: '../src/AmpleTide.Server/wwwroot', emptyOutDir: true, target: 'es2022' },
  server: { proxy: { '/api': 'http://127.0.0.1:5180' } },
});

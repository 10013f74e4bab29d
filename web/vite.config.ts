import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

// React is the same from one build to the next and is kept by the browser; all else goes with the first page that needs it.
const chunks = { groups: [{ name: 'react', test: /node_modules[\\/](react|react-dom|scheduler)[\\/]/ }] };

// The page and its parts are kept on the device; what was read last is shown when there is no signal. Served as /sw.js by ShowServiceWorker.
const withoutASignal = VitePWA({
  filename: 'sw.js',
  registerType: 'autoUpdate',
  injectRegister: false,
  manifest: false,
  workbox: {
    inlineWorkboxRuntime: true,
    clientsClaim: true,
    skipWaiting: true,
    globPatterns: ['**/*.{js,css,html,woff2}'],
    modifyURLPrefix: { '': '/build/' },
    navigateFallback: undefined,
    runtimeCaching: [
      {
        urlPattern: ({ request }) => request.mode === 'navigate',
        handler: 'NetworkFirst',
        options: { cacheName: 'page', networkTimeoutSeconds: 3, precacheFallback: { fallbackURL: '/build/index.html' } },
      },
      {
        // What is needed on the day, at the Table and to say who asks; the pattern is written into the worker as it stands here.
        urlPattern: ({ url, sameOrigin }) => sameOrigin && /^\/api\/(me|homes\/[^/]+\/(house|pieces|since|damages|spot-photos|swaps\/[^/]+\/(day|days\/[^/]+|stations|table|table\/guards|settle|spots|spots\/[^/]+|spots\/[^/]+\/candidates)))$/.test(url.pathname),
        handler: 'NetworkFirst',
        options: {
          cacheName: 'readings',
          networkTimeoutSeconds: 5,
          expiration: { maxEntries: 120 },
          // Written into the worker as it stands here: the page must know that a reading is an old one.
          plugins: [
            {
              // What broke off half way must not take the place of what was kept whole.
              cacheWillUpdate: async ({ response }) => {
                if (response.status !== 200) return null;
                try {
                  JSON.parse(await response.clone().text());
                  return response;
                } catch {
                  return null;
                }
              },
              cachedResponseWillBeUsed: async ({ cachedResponse }) => {
                if (!cachedResponse) return cachedResponse;
                const headers = new Headers(cachedResponse.headers);
                headers.set('X-Kept', '1');
                return new Response(await cachedResponse.blob(), { status: cachedResponse.status, headers });
              },
            },
          ],
        },
      },
    ],
  },
});

export default defineConfig({
  base: '/build/',
  plugins: [react(), tailwindcss(), withoutASignal],
  build: { outDir: '../public/build', emptyOutDir: true, manifest: true, target: 'es2022', rolldownOptions: { output: { codeSplitting: chunks } } },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
});

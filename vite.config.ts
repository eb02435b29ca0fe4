import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { viteStaticCopy } from 'vite-plugin-static-copy';
import { LABEL_LANGUAGES } from './web/workers/languages';

const MODULES = new URL('./node_modules/', import.meta.url).pathname;
/** The reader of printed labels, asked for only when a photo is read: its worker, its engines, its languages. */
const READER = [
  'tesseract.js/dist/worker.min.js',
  'tesseract.js-core/tesseract-core*lstm.wasm.js',
  ...LABEL_LANGUAGES.map((l) => `@tesseract.js-data/${l}/4.0.0_best_int/${l}.traineddata.gz`),
];

/** The app itself comes after the language is known: it is fetched beside it, not after it. */
const fetchTheAppToo: Plugin = {
  name: 'fetch-the-app-too',
  transformIndexHtml: {
    order: 'post',
    handler(_html, { bundle }) {
      const chunks = new Map(
        Object.values(bundle ?? {}).flatMap((c) => (c.type === 'chunk' ? [[c.fileName, c] as const] : [])),
      );
      const wanted = new Set<string>();
      const take = (file: string): void => {
        if (wanted.has(file)) return;
        wanted.add(file);
        chunks.get(file)?.imports.forEach(take);
      };
      const app = [...chunks.values()].find((c) => c.facadeModuleId?.endsWith('/app/start.tsx'));
      if (app) take(app.fileName);
      return [...wanted].map((file) => ({
        tag: 'link',
        attrs: { rel: 'modulepreload', crossorigin: true, href: `/${file}` },
      }));
    },
  },
};

export default defineConfig({
  root: 'web',
  plugins: [
    react(),
    fetchTheAppToo,
    viteStaticCopy({
      targets: READER.map((path) => ({ src: MODULES + path, dest: 'ocr' })),
    }),
    // Without the network the app itself is there, and what was read last of what the bench and the card need. Whatever can be
    // answered by the server is: nothing old is shown while it answers.
    VitePWA({
      injectRegister: null,
      manifest: false,
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        globIgnores: ['ocr/**'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        // A page that is open keeps what it was loaded from; the next to be loaded is asked of the server first.
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        navigateFallback: null,
        runtimeCaching: [
          {
            urlPattern: ({ request }) => request.mode === 'navigate',
            handler: 'NetworkFirst',
            options: {
              cacheName: 'pages',
              expiration: { maxEntries: 20 },
              precacheFallback: { fallbackURL: 'index.html' },
            },
          },
          {
            urlPattern: ({ url, sameOrigin }) =>
              sameOrigin &&
              /^(?:\/demo)?\/api\/v1\/(?:runs\/[^/]+|versions\/[^/]+|formulas\/[^/]+|pantry|kitchen)$/.test(
                url.pathname,
              ),
            handler: 'NetworkFirst',
            options: { cacheName: 'read', expiration: { maxEntries: 300 } },
          },
        ],
      },
    }),
  ],
  worker: { format: 'es' },
  optimizeDeps: { include: ['comlink', 'quadprog'] },
  server: { port: 5173, proxy: { '/api': { target: 'http://127.0.0.1:4173', changeOrigin: true } } },
  build: {
    outDir: '../dist/web',
    emptyOutDir: true,
    target: 'es2022',
    manifest: true,
    modulePreload: {
      // What each place needs would stand in the first page as long lists of files. Its scripts are found when it is gone
      // to: the server is near, and from the second time on they are on the device. Its styles are fetched with it.
      resolveDependencies: (_file, deps, { hostType }) =>
        hostType === 'js' ? deps.filter((d) => d.endsWith('.css')) : deps,
    },
  },
});

import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { viteStaticCopy } from 'vite-plugin-static-copy';
import { LABEL_LANGUAGES } from './web/workers/languages.ts';

const MODULES = new URL('./node_modules/', import.meta.url).pathname;
/** The reader of printed labels, asked for only when a photo is read: its worker, its engines, its languages. */
const READER = [
  'tesseract.js/dist/worker.min.js',
  'tesseract.js-core/tesseract-core*lstm.wasm.js',
  ...LABEL_LANGUAGES.map((l) => `@tesseract.js-data/${l}/4.0.0_best_int/${l}.traineddata.gz`),
];

type Chunk = { fileName: string; imports: string[] };
/** The files that some chunks need to be loaded, their own among them. */
function neededBy(from: readonly Chunk[], all: readonly Chunk[]): Set<string> {
  const byFile = new Map(all.map((c) => [c.fileName, c]));
  const needed = new Set(from.map((c) => c.fileName));
  // A set is gone through with what is added meanwhile.
  for (const file of needed) for (const other of byFile.get(file)?.imports ?? []) needed.add(other);
  return needed;
}

/** The app itself comes after the language is known: it is fetched beside it, not after it. */
const fetchTheAppToo: Plugin = {
  name: 'fetch-the-app-too',
  transformIndexHtml: {
    order: 'post',
    handler(_html, { bundle }) {
      const chunks = Object.values(bundle ?? {}).filter((c) => c.type === 'chunk');
      const app = chunks.filter((c) => c.facadeModuleId?.endsWith('/app/start.tsx'));
      return [...neededBy(app, chunks)].map((file) => ({
        tag: 'link',
        attrs: { rel: 'modulepreload', crossorigin: true, href: `/${file}` },
      }));
    },
  },
};

/**
 * Sentences are looked up once, when the page that says them is loaded: what the language comes with must not load a page with it,
 * whatever the chunks are.
 */
const languageComesFirst: Plugin = {
  name: 'language-comes-first',
  generateBundle(_options, bundle) {
    const chunks = Object.values(bundle).filter((c) => c.type === 'chunk');
    const app = chunks.find((c) => c.moduleIds.some((id) => id.endsWith('/app/start.tsx')));
    const before = chunks.filter(
      (c) => c.isEntry || /\/words\/data\/\w+\/index\.ts$/.test(c.facadeModuleId ?? ''),
    );
    if (!app || neededBy(before, chunks).has(app.fileName))
      this.error('The app would be loaded before its language is known.');
  },
};

/**
 * What the first page needs comes as a few files: sixty small ones took 14 kB more and as many requests. What the language needs
 * stands apart, and the tables of the core come with the pages that look things up in them.
 */
const CHUNKS = [
  { name: 'language', test: /\/web\/words\/(?:language|rich|plural)\.ts|preload-helper/, priority: 4 },
  {
    name: 'german',
    test: /\/core\/ingredients\/data\/german/,
    priority: 3,
    includeDependenciesRecursively: false,
  },
  {
    name: 'tables',
    test: /\/core\/(?:classes|ingredients)\/(?:data\/|(?:index|define|strengths|jobs-covered|own)\.ts)/,
    priority: 2,
    includeDependenciesRecursively: false,
  },
  { name: 'dates', test: /\/node_modules\/dayjs\/dayjs/, priority: 3 },
  { name: 'first', test: /\/web\/(?:app\/start|places\/shelf\/ShelfPage)\.tsx$/, priority: 1 },
  // What most places need comes once, in three files: of the desk's seventy small ones, each found in another, forty are no more.
  { name: 'engine', test: /\/core\//, minShareCount: 8 },
  { name: 'mantine', test: /\/node_modules\/(?!react)/, minShareCount: 8 },
  { name: 'parts', test: /\/web\/(?!words\/data)/, minShareCount: 8 },
];

export default defineConfig({
  root: 'web',
  plugins: [
    react(),
    fetchTheAppToo,
    languageComesFirst,
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
    rollupOptions: { output: { codeSplitting: { groups: CHUNKS } } },
    modulePreload: {
      // What each place needs would stand in the first page as long lists of files. Its scripts are found when it is gone
      // to: the server is near, and from the second time on they are on the device. Its styles are fetched with it.
      resolveDependencies: (_file, deps, { hostType }) =>
        hostType === 'js' ? deps.filter((d) => d.endsWith('.css')) : deps,
    },
  },
});

import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { viteStaticCopy } from 'vite-plugin-static-copy';
import { LABEL_LANGUAGES } from './web/workers/languages';

const MODULES = new URL('./node_modules/', import.meta.url).pathname;
/** The reader of printed labels, asked for only when a photo is read: its worker, its engines, its languages. */
const READER = [
  'tesseract.js/dist/worker.min.js',
  'tesseract.js-core/tesseract-core*lstm.wasm.js',
  ...LABEL_LANGUAGES.map((l) => `@tesseract.js-data/${l}/4.0.0_best_int/${l}.traineddata.gz`),
];

export default defineConfig({
  root: 'web',
  plugins: [
    react(),
    viteStaticCopy({
      targets: READER.map((path) => ({ src: MODULES + path, dest: 'ocr' })),
    }),
  ],
  worker: { format: 'es' },
  optimizeDeps: { include: ['comlink', 'quadprog'] },
  server: { port: 5173, proxy: { '/api': { target: 'http://127.0.0.1:4173', changeOrigin: true } } },
  build: { outDir: '../dist/web', emptyOutDir: true, target: 'es2022', manifest: true },
});

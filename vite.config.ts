import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: 'web',
  plugins: [react()],
  worker: { format: 'es' },
  optimizeDeps: { include: ['comlink', 'quadprog'] },
  server: { port: 5173, proxy: { '/api': { target: 'http://127.0.0.1:4173', changeOrigin: true } } },
  build: { outDir: '../dist/web', emptyOutDir: true, target: 'es2022', manifest: true },
});

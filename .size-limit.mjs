import { readFileSync } from 'node:fs';

/** Everything that is loaded before the first page can be used, by the manifest of the build. */
const manifest = JSON.parse(readFileSync('dist/web/.vite/manifest.json', 'utf8'));
const files = new Set();
function take(key) {
  const chunk = manifest[key];
  if (!chunk || files.has(chunk.file)) return;
  files.add(chunk.file);
  chunk.imports?.forEach(take);
}
take('index.html');
take('app/start.tsx');
take('places/shelf/ShelfPage.tsx');

export default [
  {
    name: 'first page, all its JavaScript',
    path: [...files].map((f) => `dist/web/${f}`),
    gzip: true,
    limit: '180 kB',
  },
];

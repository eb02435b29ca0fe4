import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'postgresql',
  driver: 'pglite',
  schema: ['./server/db/schema.ts', './server/db/people-schema.ts'],
  out: './server/db/migrations',
});

// Lays an empty database beside the built server: making one takes seconds, unpacking it a tenth of that. It is the one the
// tests begin with, made once for each edition of PGlite.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { templateFile } from '../server/testing/template';

writeFileSync(
  join(import.meta.dirname, '../dist/server/empty.tar.gz'),
  gzipSync(readFileSync(await templateFile())),
);

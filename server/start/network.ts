import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';

/** Addresses of this machine on its networks (IPv4: what one types into a phone), private ones first. */
export function ownAddresses(): string[] {
  const isPrivate = (a: string): boolean => /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.)/.test(a);
  return Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter((a) => a.family === 'IPv4' && !a.internal)
    .map((a) => a.address)
    .sort((a, b) => Number(isPrivate(b)) - Number(isPrivate(a)));
}
/** Names that this machine goes by on its network. */
export const ownNames = (): string[] => [hostname().toLowerCase(), `${hostname().toLowerCase()}.local`];

export type Certificate = { key: string; cert: string; fingerprint: string };
/** Browsers take no certificate for longer than this (Apple, 2020: 398 days); one that ends within a month is made anew. */
const DAYS = 397;
const RENEW_MS = 30 * 86_400_000;

const fingerprintOf = (cert: string): string => new X509Certificate(cert).fingerprint256;

/** Whether a certificate still holds, and for every address there is now. */
function isFit(cert: string, hosts: readonly string[]): boolean {
  const read = new X509Certificate(cert);
  if (Date.parse(read.validTo) - Date.now() < RENEW_MS) return false;
  const named = (read.subjectAltName ?? '').split(', ').map((n) => n.replace(/^(DNS|IP Address):/, ''));
  return hosts.every((h) => named.includes(h));
}

/**
 * A certificate of this machine's own, made on the first start and kept in the data folder: browsers ask whether to trust it
 * once. It is made anew where it is about to end or the machine has another address.
 */
export async function certificate(dir: string, hosts: readonly string[]): Promise<Certificate> {
  const file = join(dir, 'certificate.json');
  if (existsSync(file)) {
    const kept = JSON.parse(readFileSync(file, 'utf8')) as Certificate;
    if (isFit(kept.cert, hosts)) return kept;
  }
  // Fetched when it is wanted: one machine alone never wants it.
  const { generate } = await import('selfsigned');
  const isAddress = (h: string): boolean => /^[\d.]+$/.test(h);
  const made = await generate([{ name: 'commonName', value: 'New Crumb kitchen' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    notAfterDate: new Date(Date.now() + DAYS * 86_400_000),
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: hosts.map((h) =>
          isAddress(h) ? { type: 7 as const, ip: h } : { type: 2 as const, value: h },
        ),
      },
    ],
  });
  const kept = { key: made.private, cert: made.cert, fingerprint: fingerprintOf(made.cert) };
  mkdirSync(dir, { recursive: true });
  const making = `${file}.${process.pid}`;
  writeFileSync(making, JSON.stringify(kept), { mode: 0o600 });
  renameSync(making, file);
  return kept;
}

import { X509Certificate } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { generate } from 'selfsigned';

/** What this computer shows as itself, PEM. */
export interface Certificate {
  cert: string;
  key: string;
}

const DAY = 24 * 60 * 60 * 1000;
/** Browsers take none that holds longer (CA/Browser Forum Baseline Requirements 6.3.2, until March 2026), days. */
const HOLDS = 397;
/** One that ends this soon is made anew, days. */
const RENEWED_BEFORE = 14;

const typed = (name: string) =>
  isIP(name) ? ({ type: 7, ip: name } as const) : ({ type: 2, value: name } as const);

/** A certificate that this computer signs itself, for the names and addresses it has. */
export async function newCertificate(names: readonly string[], now = Date.now()): Promise<Certificate> {
  const { cert, private: key } = await generate([{ name: 'commonName', value: 'Lotus Steady' }], {
    keyType: 'ec',
    curve: 'P-256',
    algorithm: 'sha256',
    notBeforeDate: new Date(now - DAY),
    notAfterDate: new Date(now + HOLDS * DAY),
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames: names.map(typed) },
    ],
  });
  return { cert, key };
}

/** Whether a certificate is still good, for all of some names. */
export function isGoodFor({ cert }: Certificate, names: readonly string[], now = Date.now()): boolean {
  const read = new X509Certificate(cert);
  const left = new Date(read.validTo).getTime() - now;
  const knows = (name: string): boolean => Boolean(isIP(name) ? read.checkIP(name) : read.checkHost(name));
  return left > RENEWED_BEFORE * DAY && names.every(knows);
}

/** The one kept in a file, or a new one where there is none, it ends soon, or this computer has other addresses now. */
export async function certificateIn(
  path: string | undefined,
  names: readonly string[],
): Promise<Certificate> {
  if (path && existsSync(path)) {
    const kept = JSON.parse(readFileSync(path, 'utf8')) as Certificate;
    if (isGoodFor(kept, names)) return kept;
  }
  const made = await newCertificate(names);
  if (path) writeFileSync(path, JSON.stringify(made), { mode: 0o600 });
  return made;
}

/** By what a certificate is known again: SHA-256 in pairs. @example '3A:0F:…' */
export const fingerprintOf = ({ cert }: Certificate): string => new X509Certificate(cert).fingerprint256;

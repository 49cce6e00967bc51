import 'reflect-metadata';
import { createHash, randomBytes, webcrypto } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import {
  AuthorityKeyIdentifierExtension,
  BasicConstraintsExtension,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  KeyUsageFlags,
  KeyUsagesExtension,
  PemConverter,
  SubjectAlternativeNameExtension,
  SubjectKeyIdentifierExtension,
  X509Certificate,
  X509CertificateGenerator,
} from '@peculiar/x509';

/** What a server needs to speak TLS, and what devices may trust. */
export interface SiteCertificate {
  /** PEM. */
  readonly key: string;
  /** PEM, with the authority behind it. */
  readonly cert: string;
  /** DER. */
  readonly authority: Buffer;
  /** SHA-256 of the authority, in pairs of hex digits. */
  readonly fingerprint: string;
}

/** A certificate that somebody else has made for this site. */
export interface CertificateFiles {
  /** PEM, with what is between it and its authority. */
  readonly cert: string;
  readonly key: string;
}

const algorithm = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const day = 24 * 3600 * 1000;
const authorityDays = 3650;
/** Devices refuse certificates of a server that are good for longer (825 days where the authority was added by hand). */
const siteDays = 397;
/** Renewed while it is still good: an evening must not end it. */
const renewDays = 30;

/**
 * The site's own authority, made once, and a certificate of it for this computer's names and addresses, made anew when
 * one of them is missing from it or its time runs out.
 *
 * @param folder of the data; both lie in `certificates/` there, readable by its owner only
 * @param addresses IPv4 addresses that the site is reached by
 */
export async function siteCertificate(
  folder: string,
  addresses: readonly string[],
  now = new Date(),
): Promise<SiteCertificate> {
  const kept = join(folder, 'certificates');
  mkdirSync(kept, { recursive: true, mode: 0o700 });
  const authority = await authorityIn(kept, now);
  const files = { key: join(kept, 'site-key.pem'), cert: join(kept, 'site.pem') };
  const names = namesOf(addresses);
  if (!isGood(files, authority.cert, names, now)) {
    const keys = await newKeys();
    const cert = await X509CertificateGenerator.create(
      {
        serialNumber: newSerial(),
        issuer: authority.cert.subject,
        subject: 'CN=Ozzet',
        notBefore: new Date(now.getTime() - day),
        notAfter: new Date(now.getTime() + siteDays * day),
        publicKey: keys.publicKey,
        signingKey: authority.key,
        signingAlgorithm: algorithm,
        extensions: [
          new BasicConstraintsExtension(false, undefined, true),
          new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
          new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
          new SubjectAlternativeNameExtension([...names]),
          await AuthorityKeyIdentifierExtension.create(
            authority.cert.publicKey,
            false,
            webcrypto as Crypto,
          ),
          await SubjectKeyIdentifierExtension.create(keys.publicKey, false, webcrypto as Crypto),
        ],
      },
      webcrypto as Crypto,
    );
    write(files.key, await pemOfKey(keys.privateKey));
    write(files.cert, cert.toString('pem'));
  }
  const der = Buffer.from(authority.cert.rawData);
  return {
    key: readFileSync(files.key, 'utf8'),
    cert: `${readFileSync(files.cert, 'utf8')}\n${authority.cert.toString('pem')}\n`,
    authority: der,
    fingerprint: fingerprintOf(der),
  };
}

type Name = { readonly type: 'dns' | 'ip'; readonly value: string };

/** Every name and address that this computer may be called by. */
function namesOf(addresses: readonly string[]): readonly Name[] {
  const host = hostname()
    .toLowerCase()
    .replace(/[^a-z0-9.-]/g, '');
  const names = ['localhost', ...(host === '' ? [] : [host, `${host.split('.')[0]}.local`])];
  return [
    ...[...new Set(names)].map((value): Name => ({ type: 'dns', value })),
    ...[...new Set(['127.0.0.1', ...addresses])].map((value): Name => ({ type: 'ip', value })),
  ];
}

async function authorityIn(
  kept: string,
  now: Date,
): Promise<{ readonly cert: X509Certificate; readonly key: CryptoKey }> {
  const files = { key: join(kept, 'authority-key.pem'), cert: join(kept, 'authority.pem') };
  if (!existsSync(files.key) || !existsSync(files.cert)) {
    const keys = await newKeys();
    const cert = await X509CertificateGenerator.createSelfSigned(
      {
        serialNumber: newSerial(),
        // Two sites in one tablet must be told apart.
        name: `CN=Ozzet of this room ${randomBytes(3).toString('hex')}`,
        notBefore: new Date(now.getTime() - day),
        notAfter: new Date(now.getTime() + authorityDays * day),
        keys,
        signingAlgorithm: algorithm,
        extensions: [
          new BasicConstraintsExtension(true, 0, true),
          new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
          await SubjectKeyIdentifierExtension.create(keys.publicKey, false, webcrypto as Crypto),
        ],
      },
      webcrypto as Crypto,
    );
    write(files.key, await pemOfKey(keys.privateKey));
    write(files.cert, cert.toString('pem'));
  }
  const pkcs8 = PemConverter.decodeFirst(readFileSync(files.key, 'utf8'));
  return {
    cert: new X509Certificate(readFileSync(files.cert, 'utf8')),
    key: (await webcrypto.subtle.importKey('pkcs8', pkcs8, algorithm, false, [
      'sign',
    ])) as CryptoKey,
  };
}

/** Whether a certificate is there that is of this authority, has every name and is good for some time yet. */
function isGood(
  files: { readonly key: string; readonly cert: string },
  authority: X509Certificate,
  names: readonly Name[],
  now: Date,
): boolean {
  if (!existsSync(files.key) || !existsSync(files.cert)) return false;
  const cert = new X509Certificate(readFileSync(files.cert, 'utf8'));
  const has = cert.getExtension(SubjectAlternativeNameExtension)?.names.items ?? [];
  return (
    cert.issuer === authority.subject &&
    cert.notAfter.getTime() > now.getTime() + renewDays * day &&
    names.every(({ type, value }) => has.some((one) => one.type === type && one.value === value))
  );
}

const newKeys = () =>
  webcrypto.subtle.generateKey(algorithm, true, ['sign', 'verify']) as Promise<CryptoKeyPair>;

/** Positive, as RFC 5280 (4.1.2.2) wants it. */
const newSerial = () => `01${randomBytes(15).toString('hex')}`;

const pemOfKey = async (key: CryptoKey) =>
  PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');

/** Whole or not at all: a half-written key would keep every device out. */
function write(file: string, text: string): void {
  writeFileSync(`${file}.new`, text, { mode: 0o600 });
  renameSync(`${file}.new`, file);
}

const fingerprintOf = (der: Buffer) =>
  (createHash('sha256').update(der).digest('hex').toUpperCase().match(/../g) ?? []).join(' ');

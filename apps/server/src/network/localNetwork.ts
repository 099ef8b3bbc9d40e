import { createServer, type Server } from 'node:https';
import type { RequestListener } from 'node:http';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { certificateIn, fingerprintOf, type Certificate } from './certificate.js';

/** How this computer is reached from others, and with what it shows that it is itself. */
export interface NetworkOptions {
  /** Where it listens for others: an address, or `0.0.0.0` for all it has. */
  host: string;
  port: number;
  /** Names it answers to beside its own. */
  names?: readonly string[];
  /** A certificate from elsewhere; otherwise it makes its own. */
  certificate?: Certificate;
  /** Folder in which its own is kept. */
  folder?: string;
}

/** Addresses of this computer in its networks, not of itself alone. */
function ownAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address);
}

/** Other devices in the hall: an encrypted door beside the one for this computer alone, open or closed. */
export class LocalNetwork {
  private server: Server | undefined;
  private shown: Certificate | undefined;

  constructor(
    private readonly options: NetworkOptions,
    private readonly answer: RequestListener,
  ) {}

  get isOn(): boolean {
    return this.server !== undefined;
  }

  get hasOwnCertificate(): boolean {
    return !this.options.certificate;
  }

  get fingerprint(): string | undefined {
    return this.shown && fingerprintOf(this.shown);
  }

  /** Names and addresses by which it may be asked for, small letters. */
  names(): string[] {
    const { host, names = [] } = this.options;
    const own = hostname().toLowerCase();
    const addresses = host === '0.0.0.0' ? ownAddresses() : [host];
    return [...new Set([...addresses, own, `${own.split('.')[0]!}.local`, 'localhost', ...names])];
  }

  /** Where others find it, the likeliest first. */
  addresses(): string[] {
    return this.names()
      .filter((name) => name !== 'localhost')
      .map((name) => `https://${name}:${this.options.port}/`);
  }

  /** Opens the door. @throws where the port is taken or the certificate cannot be used */
  async open(): Promise<void> {
    if (this.server) return;
    const { certificate, folder, host, port } = this.options;
    const path = folder ? join(folder, 'network-certificate.json') : undefined;
    const shown = certificate ?? (await certificateIn(path, this.names()));
    const server = createServer({ ...shown, minVersion: 'TLSv1.2' }, this.answer);
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject).listen(port, host, resolve);
    });
    this.shown = shown;
    this.server = server;
  }

  /** Closes it: whoever is connected is cut off. */
  async close(): Promise<void> {
    const { server } = this;
    this.server = undefined;
    if (!server) return;
    const closed = new Promise((resolve) => server.close(resolve));
    server.closeAllConnections();
    await closed;
  }
}

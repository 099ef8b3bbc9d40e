/** The largest document, bytes: a photo of a letter as a telephone takes it. */
export const DOCUMENT_MOST = 12_000_000;

/** What a document may be, and how it begins: what it is called is not believed. */
export const DOCUMENT_KINDS: Readonly<Record<string, { begins: Buffer; ending: string }>> = {
  'application/pdf': { begins: Buffer.from('%PDF-'), ending: 'pdf' },
  'image/jpeg': { begins: Buffer.from([0xff, 0xd8, 0xff]), ending: 'jpg' },
  'image/png': { begins: Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), ending: 'png' },
};

/** What some bytes are, by how they begin; nothing where they are none of the kinds. */
export const kindOf = (bytes: Buffer): string | undefined =>
  Object.entries(DOCUMENT_KINDS).find(([, { begins }]) =>
    bytes.subarray(0, begins.length).equals(begins),
  )?.[0];

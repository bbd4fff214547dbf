import { createHash, createSign, generateKeyPairSync, randomBytes } from 'node:crypto';

/** Where the tests' requests say they go. */
export const SITE = { host: 'localhost', origin: 'http://localhost' } as const;

const FLAGS = { present: 0x01, verified: 0x04, attested: 0x40 } as const;
const sha256 = (data: Buffer | string): Buffer => createHash('sha256').update(data).digest();
const two = (count: number): Buffer => Buffer.from([count >> 8, count & 255]);

export interface Forged {
  readonly origin?: string;
  readonly site?: string;
  /** Whoever holds the device was not asked. */
  readonly unverified?: boolean;
}

/** A device that makes one key and signs with it (WebAuthn level 3, ES256, no attestation), in this process. */
export function softKey() {
  const { publicKey, privateKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
  const { x, y } = publicKey.export({ format: 'jwk' });
  const id = randomBytes(16);
  let counter = 0;
  // The key as COSE has it, in the one order that CBOR has for it.
  const cose = Buffer.concat([
    Buffer.from('a5010203262001215820', 'hex'),
    Buffer.from(x!, 'base64url'),
    Buffer.from('225820', 'hex'),
    Buffer.from(y!, 'base64url'),
  ]);
  const clientData = (type: string, challenge: string, { origin = SITE.origin }: Forged): Buffer =>
    Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false }));
  const authenticatorData = (flags: number, { site = SITE.host, unverified }: Forged): Buffer =>
    Buffer.concat([
      sha256(site),
      Buffer.from([flags | FLAGS.present | (unverified ? 0 : FLAGS.verified)]),
      Buffer.from([0, 0, 0, ++counter]),
    ]);
  const credential = (response: Readonly<Record<string, Buffer>>) => ({
    id: id.toString('base64url'),
    rawId: id.toString('base64url'),
    type: 'public-key',
    clientExtensionResults: {},
    response: Object.fromEntries(
      Object.entries(response).map(([name, bytes]) => [name, bytes.toString('base64url')]),
    ),
  });

  return {
    make: (challenge: string, forged: Forged = {}) => {
      const attested = Buffer.concat([Buffer.alloc(16), two(id.length), id, cose]);
      const data = Buffer.concat([authenticatorData(FLAGS.attested, forged), attested]);
      const head = Buffer.from('a363666d74646e6f6e656761747453746d74a068617574684461746159', 'hex');
      return credential({
        clientDataJSON: clientData('webauthn.create', challenge, forged),
        attestationObject: Buffer.concat([head, two(data.length), data]),
      });
    },
    sign: (challenge: string, forged: Forged = {}) => {
      const clientDataJSON = clientData('webauthn.get', challenge, forged);
      const data = authenticatorData(0, forged);
      const signature = createSign('sha256')
        .update(Buffer.concat([data, sha256(clientDataJSON)]))
        .sign(privateKey);
      return credential({ clientDataJSON, authenticatorData: data, signature });
    },
  };
}

import type { RequestHandler } from 'express';
import helmet from 'helmet';

/**
 * Where a page may have anything from: this server, and nowhere else. React Native for Web writes its style sheet at
 * run time, so inline styles are allowed; scripts are not.
 */
const SOURCES = {
  'default-src': ["'none'"],
  'script-src': ["'self'"],
  'style-src': ["'self'", "'unsafe-inline'"],
  'font-src': ["'self'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  // A video file that is scrubbed for one moment of it.
  'media-src': ["'self'", 'blob:'],
  'connect-src': ["'self'"],
  'worker-src': ["'self'"],
  'manifest-src': ["'self'"],
  'base-uri': ["'none'"],
  'form-action': ["'self'"],
  'frame-ancestors': ["'none'"],
};

/** What a phone can do, and whether the app does it; all else stays shut. */
const ABILITIES: Readonly<Record<string, 'self' | 'none'>> = {
  // Pictures, and the inclinometer.
  camera: 'self',
  accelerometer: 'self',
  gyroscope: 'self',
  magnetometer: 'self',
  // The player, lying on the floor beside the client.
  'screen-wake-lock': 'self',
  autoplay: 'self',
  // An address that is told once.
  'clipboard-write': 'self',
  'publickey-credentials-create': 'self',
  'publickey-credentials-get': 'self',
  'clipboard-read': 'none',
  'display-capture': 'none',
  fullscreen: 'none',
  geolocation: 'none',
  hid: 'none',
  microphone: 'none',
  midi: 'none',
  payment: 'none',
  serial: 'none',
  usb: 'none',
  'xr-spatial-tracking': 'none',
};

const PERMISSIONS = Object.entries(ABILITIES)
  .map(([name, who]) => `${name}=(${who === 'self' ? 'self' : ''})`)
  .join(', ');

const permissions: RequestHandler = (_request, response, next) => {
  response.setHeader('Permissions-Policy', PERMISSIONS);
  next();
};

/** What a browser is told with every answer. `secure`: behind TLS, and for ever after only there. */
export const headers = (secure: boolean): RequestHandler[] => [
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: { ...SOURCES, ...(secure ? { 'upgrade-insecure-requests': [] } : {}) },
    },
    strictTransportSecurity: secure,
    referrerPolicy: { policy: 'no-referrer' },
  }),
  permissions,
];

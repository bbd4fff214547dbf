import { demoId } from './ids';

/** One password for both coaches; printed by `npm start`, good for nothing else. */
export const DEMO_PASSWORD = 'low-tide-42';

/** An invented one-room practice in an invented harbour town. */
export const DEMO_PRACTICE = {
  id: demoId('practice'),
  name: 'Saltreach Movement Room',
  coaches: [
    {
      id: demoId('coach/ilse'),
      name: 'Ilse Varga-Holm',
      email: 'ilse@saltreach.example',
      password: DEMO_PASSWORD,
    },
    {
      id: demoId('coach/tobiah'),
      name: 'Tobiah Renn',
      email: 'tobiah@saltreach.example',
      password: DEMO_PASSWORD,
    },
  ],
} as const;

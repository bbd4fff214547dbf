/** Who is in the demo. */
export { demoFiles } from './files';
export { DEMO_PASSWORD, DEMO_PRACTICE } from './practice';

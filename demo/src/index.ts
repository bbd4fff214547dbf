/** Who is in the demo. */
export { demoFiles } from './files';
export { DEMO_PASSWORD, DEMO_PRACTICE } from './practice';
export { DEMO_OWN_DRILL, DEMO_ROOM } from './practiceFile';

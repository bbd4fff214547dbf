import { enCoach } from './enCoach';
import { enHome } from './enHome';
import { enShell } from './enShell';

/** Every word on the screen that is not in the knowledge tables of core; it comes in three parts. */
export const en = { ...enShell, ...enHome, ...enCoach };

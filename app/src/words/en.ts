import { enCoach } from './enCoach';
import { enHome } from './enHome';
import { enHouse } from './enHouse';
import { enShell } from './enShell';
import { welcome } from './enWelcome';

/** Every word on the screen that is not in the knowledge tables of core; it comes in parts, each with its door. */
export const en = { ...enShell, ...enHome, ...enCoach, ...enHouse, welcome };

import { welcome } from './enWelcome';
import { addWords } from './i18n';

addWords({ welcome });

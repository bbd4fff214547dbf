import { enHome } from './enHome';
import { addWords } from './i18n';

addWords(enHome);

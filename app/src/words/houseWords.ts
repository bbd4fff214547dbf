import { enHouse } from './enHouse';
import { addWords } from './i18n';

addWords(enHouse);

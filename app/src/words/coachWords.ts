import { enCoach } from './enCoach';
import './homeWords';
import { addWords } from './i18n';

addWords(enCoach);

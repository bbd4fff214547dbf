import { expose } from 'comlink';
import { postureApi } from './postureApi';

expose(postureApi);

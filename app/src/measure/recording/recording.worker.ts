import { expose } from 'comlink';
import { recordingApi } from './recordingApi';

expose(recordingApi);

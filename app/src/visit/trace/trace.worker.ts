import { expose } from 'comlink';
import { traceApi } from './traceApi';

expose(traceApi);

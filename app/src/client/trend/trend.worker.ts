import { expose } from 'comlink';
import { trendApi } from './trendApi';

expose(trendApi);

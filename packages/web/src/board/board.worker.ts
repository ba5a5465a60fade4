import { expose } from 'comlink';
import { boardModel } from './board-model';

const worker = { boardModel };
export type BoardWorker = typeof worker;

expose(worker);

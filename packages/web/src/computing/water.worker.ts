import { expose } from 'comlink';
import { seasonOfCopies } from './season-of-copies';

const worker = { seasonOfCopies };
export type WaterWorker = typeof worker;

expose(worker);

import { expose } from 'comlink';
import { seasonOfCopies } from '@water-clock/core/water-use';

const worker = { seasonOfCopies };
export type WaterWorker = typeof worker;

expose(worker);

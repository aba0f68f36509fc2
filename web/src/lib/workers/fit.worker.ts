import { expose } from 'comlink';
import { fitEngine } from './fit-engine';

expose(fitEngine);

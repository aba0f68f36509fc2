import { afterAll } from 'vitest';
import { closePool } from './hands';
// One after another, in this order: the first begins with nobody's account, the others sign in.
import './accounts';
import './matrix';
import './privacy';
import './record';
import './watching';
import './screens';
import './made-up';

afterAll(closePool);

import { testsOfEveryScreen } from '../support/faultless.js';

testsOfEveryScreen('dark');

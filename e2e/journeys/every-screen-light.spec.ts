import { testsOfEveryScreen } from '../support/faultless.js';

testsOfEveryScreen('light');

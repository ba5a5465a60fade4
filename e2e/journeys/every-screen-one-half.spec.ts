import { testsOfScreens } from '../support/faultless.js';

testsOfScreens(0);

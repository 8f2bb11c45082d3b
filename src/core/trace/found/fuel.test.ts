import { foundByAdvice } from '../../../../test/fixtures/found';

foundByAdvice(['fuel', 'compression', 'exhaust']);

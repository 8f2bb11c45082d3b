import { foundByAdvice } from '../../../../test/fixtures/found';

foundByAdvice(['spark', 'starting']);

import { foundByAdvice } from '../../../../test/fixtures/found';

foundByAdvice(['electrics', 'clutch', 'brakes']);

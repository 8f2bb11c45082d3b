import { foundByAdvice } from '../../../../test/fixtures/found';

foundByAdvice(['mechanical', 'lubrication', 'cooling', 'gearbox']);

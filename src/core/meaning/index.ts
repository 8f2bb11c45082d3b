export { resolveName, type NameMatch } from './name';
export { outcomeMeant } from './outcome';
export { symptomsMeant, type SymptomMatch } from './symptom';
export { meantFrom, testsMeant, type TestMeant } from './test';

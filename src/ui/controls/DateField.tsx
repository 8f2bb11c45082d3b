import { lazyPart } from './lazyPart';
import { Field } from './Field';
import type { DateFieldProps } from './DateInput';

// The calendar is fetched where a date is asked for; an empty field keeps its place.
const DateInput = lazyPart<DateFieldProps>(() => import('./DateInput'), <Field label={'\u00a0'} disabled />);

/** A date, or a date with a time, as 22 Oct 2026, 14:30: typed or picked from a calendar, never the browser's own mm/dd/yyyy. */
export const DateField = (props: DateFieldProps) => <DateInput {...props} />;

const told: Record<string, string> = {
  personalId: 'Owner',
  mileageKm: 'Mileage (km)',
  boreMm: 'Bore (mm)',
  strokeMm: 'Stroke (mm)',
  frameNo: 'Frame number',
  engineNo: 'Engine number',
  standingMonths: 'Months standing',
  dueOn: 'Due',
};

/** A field of a row as a person would say it. */
export function fieldName(field: string): string {
  const words = told[field] ?? field.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A value of a field in few words. */
export function valueWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.map(valueWords).join(', ') || 'nothing';
  if (typeof value === 'object')
    return (
      Object.entries(value)
        .map(([k, v]) => `${fieldName(k)}: ${valueWords(v)}`)
        .join(', ') || 'nothing'
    );
  return String(value as string | number);
}

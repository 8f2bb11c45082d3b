const shape = /^[\da-f]{8}(-[\da-f]{4}){3}-[\da-f]{12}$/i;

/** True for what the database takes as an id, and for nothing else. */
export const isUuid = (text: unknown): text is string => typeof text === 'string' && shape.test(text);

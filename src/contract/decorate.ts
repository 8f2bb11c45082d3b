/** Several property decorators as one. */
export function applyDecorators(...decorators: PropertyDecorator[]): PropertyDecorator {
  return (target, key) => {
    for (const d of decorators) d(target, key);
  };
}

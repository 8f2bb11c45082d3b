import { useEffect, useState } from 'react';
import { Field, type FieldProps } from './Field';

export interface SetFieldProps extends Omit<FieldProps, 'value' | 'onChange' | 'onBlur' | 'error'> {
  value: string;
  /** Returns what is wrong, or null after it was taken. Called when the field is left or Enter is pressed. */
  onSet(text: string): string | null;
}

/** A field of something that exists already: kept when it is left; what cannot be kept stays as typed, with the reason. */
export function AutosaveField({ value, onSet, ...rest }: SetFieldProps) {
  const [text, setText] = useState(value);
  const [error, setError] = useState<string | null>(null);
  useEffect(() => setText(value), [value]);
  const leave = () => {
    if (text.trim() === value.trim()) {
      setError(null);
      return;
    }
    setError(onSet(text.trim()));
  };
  return (
    <Field
      {...rest}
      value={text}
      error={error}
      onChange={(e) => setText(e.target.value)}
      onBlur={leave}
      onKeyDown={(e) => e.key === 'Enter' && !rest.multiline && leave()}
    />
  );
}

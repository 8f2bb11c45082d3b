import Button, { type ButtonProps } from '@mui/material/Button';
import { useRef, type ReactNode } from 'react';

/** A button that asks for one file; the same file can be chosen again after it was changed. */
export function FileButton({
  label,
  accept,
  onFile,
  children,
  ...button
}: {
  /** What the field is called to a screen reader. */
  label: string;
  accept: string;
  onFile(file: File): Promise<void> | void;
  children: ReactNode;
} & Pick<ButtonProps, 'variant' | 'disabled'>) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={label}
        onChange={(e) => {
          const field = e.target;
          const file = field.files?.[0];
          if (file) void Promise.resolve(onFile(file)).finally(() => (field.value = ''));
        }}
      />
    </>
  );
}

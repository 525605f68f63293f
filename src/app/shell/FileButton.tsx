import Button, { type ButtonProps } from '@mui/material/Button';
import { useRef } from 'react';

interface FileButtonProps extends Pick<ButtonProps, 'variant' | 'children' | 'size'> {
  /** What the file is, for those who cannot see the button's surroundings. */
  label: string;
  /** Endings and media types, as the browser's file dialog wants them. */
  accept: string;
  onTake: (file: File) => void;
}

/** A button that takes a file; the same file may be taken twice. */
export function FileButton({ label, accept, onTake, ...button }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button size="small" {...button} onClick={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={label}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) onTake(file);
        }}
      />
    </>
  );
}

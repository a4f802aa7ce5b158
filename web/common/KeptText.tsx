import { TextInput } from '@mantine/core';
import type { TextInputProps } from '@mantine/core';
import { useState } from 'react';

interface Props extends Omit<TextInputProps, 'value' | 'onChange'> {
  value: string;
  onTake: (text: string) => void;
}

/** A text that is never empty: it is taken as it is typed, and while the field is empty the last one stays kept. */
export function KeptText({ value, onTake, ...rest }: Props) {
  const [emptied, setEmptied] = useState(false);
  return (
    <TextInput
      {...rest}
      value={emptied ? '' : value}
      placeholder={value}
      onChange={(event) => {
        const text = event.currentTarget.value;
        setEmptied(text.trim() === '');
        if (text.trim()) onTake(text);
      }}
      onBlur={() => setEmptied(false)}
    />
  );
}

import { TextInput } from '@mantine/core';
import type { TextInputProps } from '@mantine/core';
import { IconSearch } from '../icons';

interface Props extends Omit<TextInputProps, 'onChange' | 'value'> {
  /** What is narrowed. */
  label: string;
  /** What it is narrowed by, in the empty field. */
  placeholder: string;
  value: string;
  onType: (words: string) => void;
}

/** A field that narrows what is shown by words. */
export const Filter = ({ label, onType, ...rest }: Props) => (
  <TextInput
    size="xs"
    aria-label={label}
    leftSection={<IconSearch size={14} />}
    onChange={(event) => onType(event.currentTarget.value)}
    {...rest}
  />
);

import { useId, type ReactNode } from 'react';
import styles from './Choice.module.css';

interface ChoiceProps<T extends string> {
  readonly legend: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: ReactNode }[];
  readonly onChange: (value: T) => void;
  /** The legend stands before the options, not above them. */
  readonly inline?: boolean;
}

/** A few things of which one holds, side by side; arrow keys go from one to the next. */
export function Choice<T extends string>({
  legend,
  value,
  options,
  onChange,
  inline = false,
}: ChoiceProps<T>) {
  const name = useId();
  return (
    <fieldset className={styles.choice} data-inline={inline}>
      <legend className={styles.legend}>{legend}</legend>
      {options.map((option) => (
        <label key={option.value} className={styles.option}>
          <input
            type="radio"
            name={name}
            checked={option.value === value}
            onChange={() => onChange(option.value)}
          />
          <span>{option.label}</span>
        </label>
      ))}
    </fieldset>
  );
}

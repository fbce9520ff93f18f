import styles from './Select.module.css';
import { Spoken } from './Spoken';

interface SelectProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
  /** The label is spoken only, where what stands around says it already. */
  readonly quiet?: boolean;
  /** Less loud than what stands around. */
  readonly pale?: boolean;
}

/** One of a list, with its label before it. */
export function Select<T extends string>(props: SelectProps<T>) {
  const { label, value, options, onChange, quiet = false, pale = false } = props;
  return (
    <label className={styles.label}>
      {quiet ? <Spoken>{label}</Spoken> : label}
      <select
        className={styles.select}
        data-pale={pale}
        value={value}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value);
          if (chosen) onChange(chosen.value);
        }}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </label>
  );
}

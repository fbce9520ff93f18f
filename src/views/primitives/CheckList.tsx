import styles from './Choice.module.css';

interface CheckListProps {
  readonly legend: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly chosen: readonly string[];
  readonly onChange: (chosen: readonly string[]) => void;
}

/** Things of which any number may hold, side by side. */
export function CheckList({ legend, options, chosen, onChange }: CheckListProps) {
  return (
    <fieldset className={styles.choice}>
      <legend className={styles.legend}>{legend}</legend>
      {options.map(({ value, label }) => (
        <label key={value} className={styles.option}>
          <input
            type="checkbox"
            checked={chosen.includes(value)}
            onChange={(event) =>
              onChange(
                event.target.checked
                  ? [...chosen, value]
                  : chosen.filter((other) => other !== value),
              )
            }
          />
          <span>{label}</span>
        </label>
      ))}
    </fieldset>
  );
}

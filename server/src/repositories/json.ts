/** MariaDB keeps JSON as text; the driver hands it over as it is stored. */
export function fromJson<Value>(column: unknown): Value {
  return (typeof column === 'string' ? JSON.parse(column) : column) as Value;
}

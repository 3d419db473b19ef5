/** Rows by what they belong to, in one pass. */
export function grouped<Row, Key>(rows: readonly Row[], keyOf: (row: Row) => Key): Map<Key, Row[]> {
  const groups = new Map<Key, Row[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const there = groups.get(key);
    if (there) there.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}

/** Words that the published JSON Schemas share. */
export const day = { type: 'string', pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' };
export const text = { type: 'string' };
export const yesNo = { type: 'boolean' };
export const oneOf = (values: readonly string[]) => ({ enum: [...values] });
export const between = (minimum: number, maximum: number) => ({ type: 'number', minimum, maximum });
export const list = (items: object) => ({ type: 'array', items });
export const object = (properties: object, required: string[] = []) => ({ type: 'object', properties, required });

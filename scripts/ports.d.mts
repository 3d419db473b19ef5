export function portFrom(wanted: number): Promise<number>;

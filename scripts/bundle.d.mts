export function bundle(workspace: string, programs: Record<string, string>): Promise<unknown>;

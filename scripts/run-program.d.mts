export function runProgram(command: string, args: string[], options?: object): Promise<void>;

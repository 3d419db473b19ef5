import { spawn } from 'node:child_process';
import { root } from './paths.mjs';

/** Runs a program of the project and resolves when it ends well. */
export function runProgram(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', ...options });
    child.once('error', reject);
    child.once('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`${command} ${args.join(' ')} ended with ${code}`)),
    );
  });
}

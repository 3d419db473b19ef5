import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** Source files below a folder in order of their names, without tests, types alone and what was built. */
export const sourcesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true })
    .flatMap((entry) => {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) return entry.name === 'dist' ? [] : sourcesIn(path);
      return /\.tsx?$/.test(path) && !/\.(test|bench|d)\.tsx?$/.test(path) ? [path] : [];
    })
    .sort();

/** A file as the compiler reads it. */
export const parsed = (file: string): ts.SourceFile =>
  ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);

/** Whether a declaration is exported. */
export const isExported = (node: ts.Node): boolean =>
  ts.canHaveModifiers(node) && (ts.getModifiers(node) ?? []).some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);

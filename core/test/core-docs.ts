import { dirname, join, relative } from 'node:path';
import ts from 'typescript';
import { isExported, parsed, sourcesIn } from './sources';

const root = 'core/src';
/** Folders whose files are rows of data: they are named, not listed one by one. */
const dataFolders = /exercise\/library$|sport\/(profiles|signature|face-validity)$|limits\/regions$/;

interface Entry {
  name: string;
  signature: string;
  text: string;
  examples: string[];
}

const oneLine = (text: string) => text.replace(/\s+/g, ' ').trim();

/** What is said of a declaration in one line of code: a function without its body, a type by its name. */
function signatureOf(node: ts.Node, source: ts.SourceFile): string {
  if (ts.isFunctionDeclaration(node)) {
    const end = node.body ? node.body.getStart(source) : node.end;
    return oneLine(source.text.slice(node.getStart(source), end)).replace(/^export (async )?function\*? /, '');
  }
  if (ts.isInterfaceDeclaration(node)) return `interface ${node.name.text}`;
  if (ts.isTypeAliasDeclaration(node))
    return oneLine(node.getText(source))
      .replace(/^export /, '')
      .replace(/;$/, '');
  if (ts.isClassDeclaration(node)) return `class ${node.name?.text}`;
  return '';
}

function entriesOf(file: string): Entry[] {
  const source = parsed(file);
  return source.statements.flatMap((node): Entry[] => {
    if (!isExported(node)) return [];
    const doc = (ts.getJSDocCommentsAndTags(node) as readonly ts.Node[]).filter(ts.isJSDoc).at(-1);
    const text = oneLine((doc && ts.getTextOfJSDocComment(doc.comment)) ?? '');
    if (!text && !doc) return [];
    const examples = ts
      .getJSDocTags(node)
      .filter((tag) => tag.tagName.text === 'example')
      .map((tag) => oneLine(ts.getTextOfJSDocComment(tag.comment) ?? ''));
    if (ts.isVariableStatement(node))
      return node.declarationList.declarations.map((d) => ({
        ...{ name: d.name.getText(source), text, examples },
        signature: d.name.getText(source),
      }));
    const name = (node as ts.DeclarationStatement).name?.getText(source);
    return name ? [{ name, signature: signatureOf(node, source), text, examples }] : [];
  });
}

function pageOf(folder: string, files: readonly string[]): string {
  const lines = [
    `# ${folder}`,
    '',
    'Generated from the docstrings by `npm run docs`; what is wrong here is put right there.',
  ];
  for (const file of files) {
    const entries = entriesOf(file);
    if (entries.length === 0) continue;
    lines.push('', `## ${relative(join(root, folder), file)}`);
    for (const { signature, text, examples } of entries) {
      lines.push('', `- \`${signature}\``);
      if (text) lines.push(`  ${text}`);
      for (const example of examples) lines.push('', '  ```ts', `  ${example}`, '  ```');
    }
  }
  return `${lines.join('\n')}\n`;
}

/** A page for each folder of the core, by the name of its file; the folders themselves stand in `README.md`. */
export function coreDocs(): Map<string, string> {
  const byFolder = new Map<string, string[]>();
  for (const file of sourcesIn(root)) {
    const folder = relative(root, dirname(file));
    if (folder === '' || dataFolders.test(folder)) continue;
    byFolder.set(folder, [...(byFolder.get(folder) ?? []), file]);
  }
  const pages = new Map(
    [...byFolder].map(([folder, files]) => [`${folder.replaceAll('/', '-')}.md`, pageOf(folder, files)]),
  );
  const list = [...byFolder].map(
    ([folder, files]) => `- [${folder}](${folder.replaceAll('/', '-')}.md): ${files.length} files`,
  );
  pages.set(
    'README.md',
    `# Folders of the core\n\nEach may import only what stands before it in \`.dependency-cruiser.cjs\`.\n\n${list.join('\n')}\n`,
  );
  return pages;
}

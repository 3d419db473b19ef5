import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { parsed, sourcesIn } from './sources';

/** A text that somebody may read, and where it is written. */
export interface FoundText {
  where: string;
  text: string;
}

/** Attributes of elements that nobody reads. */
const unread = new Set([
  'className',
  'd',
  'to',
  'href',
  'viewBox',
  'transform',
  'key',
  'type',
  'role',
  'id',
  'fill',
  'style',
]);
/** Files whose texts are data of the trade or of documents: ids, joint actions, sources. */
const notRead = /\/face-validity\/|simulated-athletes|library-rules|\/simulators\/|\/demo\//;
/** A joint action as data files write it, and a list of classes. */
const notation = /^[a-z-]+ [a-z-]+ (shortening|lengthening|holding|stretch-shortening)( (short|middle|deep|end))?$/;

const isText = (text: string): boolean => /[a-z]/i.test(text) && /\s|^[A-Z]/.test(text) && !notation.test(text);

function textOf(node: ts.Node): string | undefined {
  if (ts.isJsxText(node)) return node.text.replace(/\s+/g, ' ').trim();
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (ts.isTemplateExpression(node))
    return node.head.text + node.templateSpans.map((span) => `…${span.literal.text}`).join('');
  return undefined;
}

const isUnread = (node: ts.Node): boolean =>
  ts.isImportDeclaration(node) ||
  ts.isExportDeclaration(node) ||
  ts.isLiteralTypeNode(node) ||
  // Former names stay so that search finds them.
  (ts.isPropertyAssignment(node) && node.name.getText() === 'otherNames') ||
  (ts.isJsxAttribute(node) && unread.has(node.name.getText()));

/** All texts of the sources below some folders that somebody may read; what stands in a template is an ellipsis. */
export function textsIn(folders: readonly string[]): FoundText[] {
  const files = folders.flatMap(sourcesIn).filter((file) => !notRead.test(file));
  return files.flatMap((file) => {
    const source = parsed(file);
    const found: FoundText[] = [];
    const visit = (node: ts.Node): void => {
      if (isUnread(node)) return;
      const text = textOf(node);
      if (text !== undefined && isText(text)) {
        const { line } = source.getLineAndCharacterOfPosition(node.getStart());
        found.push({ where: `${file}:${line + 1}`, text });
      }
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}

/** The words that the glossary strikes, in lower case. */
export function struckWords(): string[] {
  const glossary = readFileSync('docs/glossary.md', 'utf8');
  const table = glossary.slice(glossary.indexOf('## Struck words'));
  return [...table.matchAll(/^\| (?!struck|-)([^|]+?) \|/gm)].map(([, word]) => word as string);
}

/** The patterns of struck words: each is looked for in thousands of texts. */
const patterns = new Map<string, RegExp>();
function patternOf(word: string): RegExp {
  const known = patterns.get(word);
  if (known) return known;
  const pattern = new RegExp(`(?<![a-z-])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![a-z])`);
  patterns.set(word, pattern);
  return pattern;
}

/** The struck words that stand in a text, whole words only. */
export function struckIn(text: string, struck: readonly string[]): string[] {
  const lower = text.toLowerCase();
  return struck.filter((word) => patternOf(word).test(lower));
}

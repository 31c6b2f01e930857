import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';
import { english } from './english';

const SOURCES = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|schema\.d\.ts$|testing\.tsx?$|example\.ts$/.test(file))
  .map((file) => ({ file, text: readFileSync(join('src', file), 'utf8') }));

/** Attributes that a person reads or hears. */
const READ = new Set(['label', 'aria-label', 'title', 'what', 'placeholder', 'hint', 'alt', 'lead', 'empty', 'about']);
/** Attributes that hold several words and are read by nobody. */
const UNREAD = new Set(['className', 'd', 'viewBox', 'placement', 'style', 'points', 'transform', 'to', 'rel', 'accept', 'path']);
/** Names that are the same in every language: a size of paper, and pencils that ship, which a new stack begins with. */
const NAMES = ['Letter', 'Mussel Violet', 'Buoy Red'];
/** A word beside another, or a sentence. */
const SEVERAL = /[a-z]{2,} [A-Za-z]{2,}|[a-z]{2,}[.…]$/;

/** True where words stand for the program: names of styles, types, questions to the page. */
function isForTheProgram(node: ts.Node): boolean {
  for (let at: ts.Node = node; ; at = at.parent) {
    if (ts.isJsxAttribute(at)) {
      return UNREAD.has(at.name.getText());
    }
    if (ts.isTaggedTemplateExpression(at) || ts.isTypeNode(at) || ts.isImportDeclaration(at) || ts.isNewExpression(at)) {
      return true;
    }
    if (ts.isCallExpression(at) && /querySelector|count$|say$|said$|matchMedia|useQuery/.test(at.expression.getText())) {
      return true;
    }
    if (ts.isSourceFile(at) || ts.isStatement(at)) {
      return false;
    }
  }
}

/** The name of something that can be chosen. */
function isChoice(node: ts.StringLiteral): boolean {
  const of = node.parent;
  return ts.isPropertyAssignment(of) && of.name.getText() === 'name' && of.parent.properties.some((p) => p.name?.getText() === 'id') && /[a-z]{3,}/.test(node.text);
}

function strays(file: string, text: string): string[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS);
  const found: string[] = [];
  const visit = (node: ts.Node) => {
    if (ts.isJsxText(node) && /[A-Za-z]{2,}/.test(node.text)) {
      found.push(node.text.trim());
    } else if (ts.isStringLiteral(node) && ts.isJsxAttribute(node.parent)) {
      const read = READ.has(node.parent.name.getText()) && /[A-Za-z]{2,}/.test(node.text);
      if (read || (SEVERAL.test(node.text) && !isForTheProgram(node))) {
        found.push(node.text);
      }
    } else if (ts.isStringLiteral(node) && isChoice(node) && !NAMES.includes(node.text)) {
      found.push(node.text);
    } else if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node)) {
      if (SEVERAL.test(node.text) && !NAMES.includes(node.text) && !isForTheProgram(node)) {
        found.push(node.text);
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found.map((words) => `${file}: ${words}`);
}

it('no words that a person reads stand in the code', () => {
  expect(SOURCES.flatMap(({ file, text }) => strays(file, text))).toEqual([]);
});

it('everything in the catalogue is said somewhere', () => {
  const code = SOURCES.map((source) => source.text).join('\n');
  const unsaid = Object.entries(english)
    .filter(([room]) => room !== 'counted')
    .flatMap(([room, words]) => Object.keys(words).map((key) => `${room}.${key}`))
    .filter((key) => !code.includes(`'${key}'`));
  expect(unsaid).toEqual([]);
});

it('whatever is counted is counted somewhere', () => {
  const code = SOURCES.map((source) => source.text).join('\n');
  expect(Object.keys(english.counted).filter((noun) => !code.includes(`'${noun}')`))).toEqual([]);
});

import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import type { MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { messages } from './messages';

const SOURCES = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|schema\.d\.ts$|testing\.tsx?$|example\.ts$/.test(file))
  .map((file) => ({ file, text: readFileSync(join('src', file), 'utf8') }));

/** Attributes that a person reads or hears. */
const READ = new Set(['label', 'aria-label', 'title', 'what', 'placeholder', 'hint', 'alt', 'lead', 'empty', 'about']);
/** Attributes that hold several words and are read by nobody. */
const UNREAD = new Set(['className', 'd', 'viewBox', 'placement', 'style', 'points', 'transform', 'to', 'rel', 'accept', 'path']);
/** Names that are the same in every language: a size of paper, and pencils that ship, which a new stack begins with. */
const NAMES = ['Letter', 'Mussel Violet', 'Buoy Red', "'Source Sans 3', sans-serif", "'Source Serif 4', serif"];
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
    if (ts.isCallExpression(at) && /querySelector|count$|formatMessage$|matchMedia|useQuery/.test(at.expression.getText())) {
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

const ALL = Object.entries(messages).flatMap(([place, all]) => Object.entries(all).map(([key, text]): [string, string] => [`${place}.${key}`, text]));
const CODE = SOURCES.map((source) => source.text).join('\n');

it('every message is used', () => {
  const dynamic = /^counted\./;
  expect(ALL.map(([id]) => id).filter((id) => !dynamic.test(id) && !CODE.includes(`'${id}'`))).toEqual([]);
  expect(Object.keys(messages.counted).filter((noun) => !CODE.includes(`'${noun}'`))).toEqual([]);
});

it('a key names a place and a role, not the first words of its text', () => {
  expect(ALL.map(([id]) => id).filter((id) => !/^[a-z]+(\.[a-z][A-Za-z0-9]*){1,2}$/.test(id) || /\d$/.test(id))).toEqual([]);
});

it('a message is whole: it is not the end or the beginning of another', () => {
  expect(ALL.filter(([, text]) => /^[\s,;.·]|\s$/.test(text))).toEqual([]);
});

/** The names of a message's arguments and tags. */
function argumentsOf(elements: MessageFormatElement[], names = new Set<string>()): Set<string> {
  for (const e of elements) {
    if (e.type !== TYPE.literal && e.type !== TYPE.pound) {
      names.add(e.value);
    }
    if (e.type === TYPE.tag) {
      argumentsOf(e.children, names);
    }
    if (e.type === TYPE.select || e.type === TYPE.plural) {
      Object.values(e.options).forEach((option) => argumentsOf(option.value, names));
    }
  }
  return names;
}

/** What one call of `formatMessage` gives its message and what that asks for, where both stand in the code. */
function mismatch(call: ts.CallExpression, texts: Map<string, string>): string | undefined {
  const [descriptor, values] = call.arguments;
  const id = descriptor && ts.isObjectLiteralExpression(descriptor) ? descriptor.properties.find((p) => p.name?.getText() === 'id') : undefined;
  const text = id && ts.isPropertyAssignment(id) && ts.isStringLiteral(id.initializer) ? texts.get(id.initializer.text) : undefined;
  if (text === undefined || (values && !ts.isObjectLiteralExpression(values))) {
    return undefined;
  }
  const given = values?.properties.map((p) => p.name?.getText() ?? '').sort() ?? [];
  const asked = [...argumentsOf(parse(text))].sort();
  return given.join() === asked.join() ? undefined : `${text} is given ${given.join(', ')}`;
}

it('every message gets exactly the arguments that it names', () => {
  const texts = new Map(ALL);
  const wrong: string[] = [];
  for (const { file, text } of SOURCES) {
    const visit = (node: ts.Node) => {
      if (ts.isCallExpression(node) && node.expression.getText().endsWith('formatMessage')) {
        const found = mismatch(node, texts);
        wrong.push(...(found ? [`${file}: ${found}`] : []));
      }
      ts.forEachChild(node, visit);
    };
    visit(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS));
  }
  expect(wrong).toEqual([]);
});

import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** What stands in place of an operator. */
const OPERATORS = {
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '<': '>=',
  '<=': '>',
  '>': '<=',
  '>=': '<',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
};

/** What stands in place of a name: the other of a pair. */
const NAMES = { min: 'max', max: 'min', some: 'every', every: 'some', floor: 'ceil', ceil: 'floor' };

/** A number half as large again; nothing becomes one. */
const otherNumber = (text) => {
  const value = Number(text.replaceAll('_', ''));
  return String(value === 0 ? 1 : value * 1.5);
};

/** What a node may become, as the range of text that is replaced and its replacement; undefined for most. */
function mutated(node, source) {
  const as = (at, to) => ({ from: at.getStart(source), until: at.getEnd(), to });
  if (ts.isNumericLiteral(node)) return as(node, otherNumber(node.getText(source)));
  if (ts.isBinaryExpression(node)) {
    const other = OPERATORS[node.operatorToken.getText(source)];
    const text = node.left.kind === ts.SyntaxKind.StringLiteral || ts.isTemplateExpression(node.left);
    if (other && !text) return as(node.operatorToken, other);
  }
  if (ts.isConditionalExpression(node)) return as(node.condition, `!(${node.condition.getText(source)})`);
  if (ts.isIfStatement(node)) return as(node.expression, `!(${node.expression.getText(source)})`);
  if (ts.isPropertyAccessExpression(node) && ts.isCallExpression(node.parent)) {
    const other = NAMES[node.name.text];
    if (other) return as(node.name, other);
  }
  return undefined;
}

/** The name of the declaration or field that a node stands in, the outermost first. */
function within(node) {
  const names = [];
  for (let at = node.parent; at; at = at.parent)
    if (
      (ts.isVariableDeclaration(at) || ts.isPropertyAssignment(at) || ts.isFunctionDeclaration(at)) &&
      at.name
    )
      names.unshift(at.name.getText());
  return names;
}

/** Every small change that can be made to a file's figures and rules: `{file, line, within, from, until, was, to}`. */
export function mutationsOf(file) {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2022, true);
  const found = [];
  const look = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    const change = mutated(node, source);
    if (change)
      found.push({
        file,
        line: source.getLineAndCharacterOfPosition(change.from).line + 1,
        within: within(node),
        was: text.slice(change.from, change.until),
        ...change,
      });
    ts.forEachChild(node, look);
  };
  look(source);
  return found;
}

/** A file's text with one change made. */
export const withMutation = (text, { from, until, to }) => text.slice(0, from) + to + text.slice(until);

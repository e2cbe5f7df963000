// Places in the core where one small change makes the code wrong: signs, factors, bounds, comparisons.
import ts from 'typescript'

const SWAPS = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
])
/** Functions that write a length, and are told by which step. */
const STEP_ASKED = new Set(['formatMm', 'formatSignedMm'])
const EXTREMES = new Map([
  ['min', 'max'],
  ['max', 'min'],
])

/**
 * @param {string} file - as it is named in the report
 * @param {string} text
 * @returns {{ file: string, at: number, end: number, line: number, was: string, now: string, source: string }[]}
 */
export function placesOf(file, text) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const places = []
  const add = (node, now) => {
    const at = node.getStart(source)
    const { line } = source.getLineAndCharacterOfPosition(at)
    places.push({
      file,
      at,
      end: node.getEnd(),
      line: line + 1,
      was: node.getText(source),
      now,
      source: text.split('\n')[line].trim(),
    })
  }
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return
    if (ts.isBinaryExpression(node)) {
      // A figure for an element that is always there: it only pleases the compiler.
      if (
        node.operatorToken.kind === ts.SyntaxKind.QuestionQuestionToken &&
        ts.isNumericLiteral(node.right)
      ) {
        visit(node.left)
        return
      }
      const swap = SWAPS.get(node.operatorToken.kind)
      if (swap && !joinsText(node)) add(node.operatorToken, swap)
    }
    if (ts.isPrefixUnaryExpression(node) && !ts.isNumericLiteral(node.operand)) {
      if (node.operator === ts.SyntaxKind.MinusToken || node.operator === ts.SyntaxKind.ExclamationToken)
        add(node, node.operand.getText(source))
    }
    if (ts.isNumericLiteral(node)) add(node, otherNumber(node))
    // A step twice as coarse is written with as many decimals.
    if (ts.isCallExpression(node) && STEP_ASKED.has(node.expression.getText(source))) {
      node.arguments.slice(0, 1).forEach(visit)
      return
    }
    if (ts.isCallExpression(node)) {
      const name = ts.isPropertyAccessExpression(node.expression) ? node.expression.name : node.expression
      const other = ts.isIdentifier(name) && EXTREMES.get(name.text)
      if (other) add(name, other)
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return places
}

/** Words put together are no sum. */
function joinsText(node) {
  if (node.operatorToken.kind !== ts.SyntaxKind.PlusToken) return false
  const isText = (n) => ts.isStringLiteralLike(n) || ts.isTemplateExpression(n)
  const parts = [node.left, node.right]
  return parts.some((n) => isText(n) || (ts.isBinaryExpression(n) && joinsText(n)))
}

/** Whole numbers one further, others twice as large. */
function otherNumber(node) {
  const value = Number(node.text)
  const minus = ts.isPrefixUnaryExpression(node.parent) && node.parent.operator === ts.SyntaxKind.MinusToken
  if (Number.isInteger(value)) return String(value + 1)
  return String(minus ? value / 2 : value * 2)
}

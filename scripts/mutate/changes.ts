import ts from 'typescript'

/** One change a careless hand might make: the expression from `from` to `to` of a file's text, and what would stand there instead. */
export type Change = { from: number; to: number; instead: string; what: string }

const TURNED: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '>=',
  [ts.SyntaxKind.LessThanEqualsToken]: '>',
  [ts.SyntaxKind.GreaterThanToken]: '<=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '<',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
  [ts.SyntaxKind.SlashToken]: '*',
}

/** Of a sum it has to be seen that it is none of texts: one side is a number or is reckoned. */
const isNumber = (node: ts.Expression): boolean =>
  ts.isNumericLiteral(node) ||
  (ts.isParenthesizedExpression(node) && isNumber(node.expression)) ||
  (ts.isBinaryExpression(node) &&
    [ts.SyntaxKind.AsteriskToken, ts.SyntaxKind.SlashToken, ts.SyntaxKind.MinusToken].includes(
      node.operatorToken.kind,
    ))

const turnedTo = ({ left, operatorToken: { kind }, right }: ts.BinaryExpression) =>
  kind === ts.SyntaxKind.PlusToken && (isNumber(left) || isNumber(right)) ? '-' : TURNED[kind]

const replaced = (node: ts.Node, what: string, instead: string): Change => ({
  from: node.getStart(),
  to: node.getEnd(),
  instead,
  what,
})

function ofBinary(node: ts.BinaryExpression): Change[] {
  const turned = turnedTo(node)
  const { operatorToken: sign } = node
  if (!turned) return []
  const [before, after] = [sign.getStart() - node.getStart(), sign.getEnd() - node.getStart()]
  const text = node.getText()
  return [
    replaced(node, `${sign.getText()} to ${turned}`, `${text.slice(0, before)}${turned}${text.slice(after)}`),
  ]
}

const isName = (node: ts.Node) => ts.isPropertyAssignment(node.parent) && node.parent.name === node

function changesAt(node: ts.Node): Change[] {
  if (isName(node)) return []
  if (ts.isNumericLiteral(node))
    return [replaced(node, `${node.text} doubled`, Number(node.text) === 0 ? '1' : `(2 * ${node.text})`)]
  if (node.kind === ts.SyntaxKind.TrueKeyword) return [replaced(node, 'true to false', 'false')]
  if (node.kind === ts.SyntaxKind.FalseKeyword) return [replaced(node, 'false to true', 'true')]
  if (ts.isBinaryExpression(node)) return ofBinary(node)
  const asked = ts.isIfStatement(node)
    ? node.expression
    : ts.isConditionalExpression(node)
      ? node.condition
      : null
  if (!asked || (ts.isBinaryExpression(asked) && turnedTo(asked))) return []
  return [replaced(asked, 'condition turned', `!(${asked.getText()})`)]
}

const parsed = (text: string) => ts.createSourceFile('it.ts', text, ts.ScriptTarget.ESNext, true)

const isType = (node: ts.Node) =>
  ts.isTypeNode(node) ||
  ts.isTypeAliasDeclaration(node) ||
  ts.isInterfaceDeclaration(node) ||
  ts.isImportDeclaration(node)

/** Every change that can be made to a file of TypeScript, in the order of its text. */
export function changesOf(text: string): Change[] {
  const found: Change[] = []
  const visit = (node: ts.Node): void => {
    if (isType(node)) return
    found.push(...changesAt(node))
    node.forEachChild(visit)
  }
  parsed(text).forEachChild(visit)
  return found.sort((a, b) => a.from - b.from || b.to - a.to)
}

type Put = { at: number; text: string; order: number }

/** The text with each piece put in at its place; of two at one place, the lower order first. */
function withPut(text: string, puts: Put[]): string {
  let [out, last] = ['', 0]
  for (const { at, text: put } of puts.sort((a, b) => a.at - b.at || a.order - b.order)) {
    out += text.slice(last, at) + put
    last = at
  }
  return out + text.slice(last)
}

/** The same file, which ends when it goes round too long: a change may make a loop that never ends. */
export function ending(text: string): string {
  const puts: Put[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isIterationStatement(node, false)) {
      puts.push({ at: node.statement.getStart(), text: '{__round();', order: 2 })
      puts.push({ at: node.statement.getEnd(), text: '}', order: -node.pos })
    }
    node.forEachChild(visit)
  }
  parsed(text).forEachChild(visit)
  return withPut(text, puts)
}

/** The same file, which tells which of its changes' places it came through. */
export function telling(text: string, changes: Change[], first: number): string {
  // Without semicolons a line that begins with a bracket would belong to the one before.
  const begun: Put[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isExpressionStatement(node) && (ts.isBlock(node.parent) || ts.isSourceFile(node.parent)))
      begun.push({ at: node.getStart(), text: ';', order: 0 })
    node.forEachChild(visit)
  }
  parsed(text).forEachChild(visit)
  const puts = changes.flatMap(({ from, to }, index): Put[] => [
    { at: from, text: `(__came(${first + index}),`, order: index + 1 },
    { at: to, text: ')', order: -index - 1 },
  ])
  return withPut(text, [...begun, ...puts])
}

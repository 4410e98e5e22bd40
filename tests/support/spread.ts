import { getTableConfig, PgTable } from 'drizzle-orm/pg-core'
import { parse } from 'libpg-query'
import * as schema from '../../server/db/schema'

/**
 * How the tables would be spread over machines, and whether a statement keeps to it. A household's own lie where its
 * household lies, so a statement on them names the household; what crosses households stands together elsewhere, and
 * no statement is of both.
 */
const tables = Object.values(schema).filter((t) => t instanceof PgTable)
const configs = tables.map((t) => getTableConfig(t))
/** The column by which each of a household's tables is spread. */
export const SPREAD_BY = new Map(
  configs.flatMap((t): [string, string][] => {
    if (t.name === 'households') return [[t.name, 'id']]
    return t.primaryKeys[0]?.columns[0]?.name === 'household_id' ? [[t.name, 'household_id']] : []
  }),
)
export const TOGETHER = configs.map((t) => t.name).filter((name) => !SPREAD_BY.has(name))

/** Foreign keys that do not stay within one household, or within what stands together. */
export const keysAcross = (): string[] =>
  configs.flatMap((t) =>
    t.foreignKeys
      .filter((key) => {
        const { columns, foreignColumns, foreignTable } = key.reference()
        const [from, to] = [t.name, getTableConfig(foreignTable).name]
        if (!SPREAD_BY.has(from) && !SPREAD_BY.has(to)) return false
        return columns[0]?.name !== SPREAD_BY.get(from) || foreignColumns[0]?.name !== SPREAD_BY.get(to)
      })
      .map((key) => key.getName()),
  )

type Node = Record<string, unknown>
const isNode = (x: unknown): x is Node => typeof x === 'object' && x !== null
const STATEMENTS = ['SelectStmt', 'InsertStmt', 'UpdateStmt', 'DeleteStmt']

/** What a statement does against it, in words; empty where it keeps to it. */
export async function against(sql: string): Promise<string[]> {
  if (/\b(advisory|listen|notify)\b|pg_advisory/i.test(sql)) return ['holds what is one machine’s own']
  const { said, tables } = await readStatement(sql)
  const both = tables.some((n) => SPREAD_BY.has(n)) && tables.some((n) => TOGETHER.includes(n))
  return [...said, ...(both ? [`is of both: ${tables.join(', ')}`] : [])]
}
/** Of a statement: what asks a household's table with no household, its tables, and which of its values are households, from one. */
export async function readStatement(sql: string) {
  const { stmts } = (await parse(sql)) as { stmts: { stmt: Node }[] }
  const found: Found = { tables: new Set(), values: new Set() }
  const said = stmts.flatMap(({ stmt }) => look(stmt, new Map(), found))
  return { said, tables: [...found.tables].sort(), values: [...found.values] }
}
interface Found {
  tables: Set<string>
  values: Set<number>
}

/** Tables by the names they have here, and whether each is pinned to a household. */
type Named = ReadonlyMap<string, { table: string; pinned: boolean }>

/** @param known what has a name outside */
function look(node: unknown, known: Named, found: Found): string[] {
  if (Array.isArray(node)) return node.flatMap((n) => look(n, known, found))
  if (!isNode(node)) return []
  return Object.entries(node).flatMap(([key, value]) =>
    STATEMENTS.includes(key) ? statement(key, value as Node, known, found) : look(value, known, found),
  )
}

function statement(kind: string, stmt: Node, known: Named, found: Found): string[] {
  const own = new Map<string, string>()
  const quals: Node[] = []
  const from = (item: unknown): void => {
    if (Array.isArray(item)) return item.forEach(from)
    if (!isNode(item)) return
    const join = item.JoinExpr as Node | undefined
    if (join) {
      from(join.larg)
      from(join.rarg)
      anded(join.quals, quals)
    }
    const range = (item.RangeVar ?? (item.relname ? item : undefined)) as
      { relname: string; alias?: { aliasname: string } } | undefined
    if (range) own.set(range.alias?.aliasname ?? range.relname, range.relname)
  }
  from(stmt.fromClause)
  from(stmt.usingClause)
  from(stmt.relation)
  anded(stmt.whereClause, quals)
  for (const name of own.values()) found.tables.add(name)

  const named = new Map(known)
  for (const [name, table] of own) named.set(name, { table, pinned: false })
  const pin = (name: string) => named.set(name, { table: named.get(name)!.table, pinned: true })
  const spread = [...own].filter(([, table]) => SPREAD_BY.has(table))
  const columnOf = (side: unknown): [string, string] | null => {
    const fields = isNode(side) ? (side.ColumnRef as { fields: Node[] } | undefined)?.fields : undefined
    const words = fields?.map((f) => (f.String as { sval: string } | undefined)?.sval ?? '') ?? []
    const [table, column] = words.length > 1 ? words.slice(-2) : [[...own.keys()][0] ?? '', words[0] ?? '']
    return words.length ? [table!, column!] : null
  }
  const isKey = (c: [string, string] | null): c is [string, string] =>
    !!c && SPREAD_BY.get(named.get(c[0])?.table ?? '') === c[1]
  const isPinned = (c: [string, string] | null) => isKey(c) && named.get(c[0])!.pinned
  // What is put in says whose it is; the rest must be asked for by it, straight or by way of another.
  if (kind === 'InsertStmt')
    for (const [name, table] of spread) {
      const columns = (stmt.cols as { ResTarget: { name: string } }[]).map((c) => c.ResTarget.name)
      const at = columns.indexOf(SPREAD_BY.get(table)!)
      if (at < 0) continue
      pin(name)
      const { valuesLists = [], targetList } = (
        stmt.selectStmt as { SelectStmt: { valuesLists?: Node[]; targetList?: { ResTarget: Node }[] } }
      ).SelectStmt
      for (const list of valuesLists) valuesIn((list.List as { items: unknown[] }).items[at], found.values)
      if (targetList) valuesIn(targetList[at]!.ResTarget.val, found.values)
    }
  for (let round = 0; round < own.size + 1; round++)
    for (const { lexpr, rexpr } of quals) {
      const [left, right] = [columnOf(lexpr), columnOf(rexpr)]
      if (isKey(left) && (right === null || isPinned(right))) {
        pin(left[0])
        if (right === null) valuesIn(rexpr, found.values)
      }
      if (isKey(right) && isPinned(left)) pin(right[0])
    }
  const said = spread
    .filter(([name]) => !named.get(name)!.pinned)
    .map(([, table]) => `${table} with no household`)
  const { relation: _, ...rest } = stmt
  return [...said, ...look(rest, named, found)]
}
/** The equalities that must all hold. */
function anded(node: unknown, out: Node[]): void {
  if (Array.isArray(node)) return node.forEach((n) => anded(n, out))
  if (!isNode(node)) return
  const both = node.BoolExpr as { boolop: string; args: unknown } | undefined
  if (both?.boolop === 'AND_EXPR') anded(both.args, out)
  const expr = node.A_Expr as { kind: string; name: Node[] } | undefined
  if (
    expr &&
    ['AEXPR_OP', 'AEXPR_IN', 'AEXPR_OP_ANY'].includes(expr.kind) &&
    JSON.stringify(expr.name).includes('"="')
  )
    out.push(expr as unknown as Node)
}
/** The numbers of the values that stand in it. */
function valuesIn(node: unknown, out: Set<number>): void {
  if (Array.isArray(node)) return node.forEach((n) => valuesIn(n, out))
  if (!isNode(node)) return
  const value = node.ParamRef as { number: number } | undefined
  if (value) out.add(value.number)
  else Object.values(node).forEach((n) => valuesIn(n, out))
}

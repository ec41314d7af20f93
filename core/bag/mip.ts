import type { Highs, SparseMatrixInput } from 'highs'

/* The one place that speaks to the solver: choices of yes and no under sums that have bounds, the best of them with its proof (HiGHS). */

/** A sum over columns that has to stay within its bounds. */
export interface Row {
  least: number
  most: number
  terms: readonly (readonly [column: number, times: number])[]
}

export interface Program {
  /** What each column counts for. */
  worth: readonly number[]
  /** Each column lies between 0 and this. */
  most: readonly number[]
  /** Whether a column is a whole number. */
  whole: readonly boolean[]
  rows: readonly Row[]
  sense: 'most' | 'least'
}

export interface Solved {
  /** Null where nothing was found: there is nothing, or the time was over. */
  values: number[] | null
  worth: number
  /** Nothing is better. */
  bound: number
  optimal: boolean
  /** It is proven that there is nothing at all. */
  impossible: boolean
}

// How far from whole, or over a bound, the solver may be: below what anybody weighs.
const TOLERANCE = 1e-9

/** @param start values to begin with, if any are known */
export function solve(highs: Highs, program: Program, timeLimitMs: number, start?: readonly number[]): Solved {
  const { worth, most, whole, rows, sense } = program
  const { constants, infinity } = highs
  const bounded = (value: number) => (Number.isFinite(value) ? value : value > 0 ? infinity : -infinity)
  const model = {
    numCols: worth.length,
    numRows: rows.length,
    sense: sense === 'most' ? constants.objectiveSense.maximize : constants.objectiveSense.minimize,
    colCost: worth,
    colLower: worth.map(() => 0),
    colUpper: most.map(bounded),
    rowLower: rows.map(r => bounded(r.least)),
    rowUpper: rows.map(r => bounded(r.most)),
    matrix: matrixOf(rows, worth.length),
    integrality: whole.map(w => (w ? constants.variableType.integer : constants.variableType.continuous)),
  }
  return highs.withModel(model, solver => {
    solver.options.set({
      output_flag: false,
      time_limit: Math.max(0.01, timeLimitMs / 1000),
      mip_rel_gap: 0,
      mip_abs_gap: TOLERANCE,
      mip_feasibility_tolerance: TOLERANCE,
      primal_feasibility_tolerance: TOLERANCE,
    })
    if (start) solver.setSolution({ colValue: start })
    solver.run()
    const status = solver.getModelStatus()
    const { optimal, infeasible } = constants.modelStatus
    const bound = Number(solver.info.get('mip_dual_bound'))
    const values = Array.from(solver.getSolution().colValue)
    // What it ends with may be nothing at all.
    const found = status === optimal || (status !== infeasible && keeps(program, values))
    const sum = values.reduce((all, v, i) => all + v * worth[i]!, 0)
    return {
      values: found ? values : null,
      worth: found ? sum : sense === 'most' ? -Infinity : Infinity,
      bound: status === optimal ? sum : bound,
      optimal: status === optimal,
      impossible: status === infeasible,
    }
  })
}

function keeps({ rows, whole }: Program, values: readonly number[]): boolean {
  const SLACK = 1e-6
  if (values.some((v, i) => v < -SLACK || (whole[i] === true && Math.abs(v - Math.round(v)) > SLACK))) return false
  return rows.every(({ terms, least, most }) => {
    const sum = terms.reduce((all, [column, times]) => all + values[column]! * times, 0)
    return sum >= least - SLACK * Math.max(1, Math.abs(least)) && sum <= most + SLACK * Math.max(1, Math.abs(most))
  })
}

function matrixOf(rows: readonly Row[], columns: number): SparseMatrixInput {
  const starts = [0]
  const indices: number[] = []
  const values: number[] = []
  for (const { terms } of rows) {
    for (const [column, times] of terms) {
      if (times === 0) continue
      indices.push(column)
      values.push(times)
    }
    starts.push(indices.length)
  }
  return { format: 'csr', numRows: rows.length, numCols: columns, starts, indices, values }
}

import { ofEngine } from '../connections'
import { openEngine } from '../folder/openEngine'
import { noteChecked } from '../sums/checkDue'
import { inWords, sumDifferences } from '../sums/sumDifferences'

/**
 * Takes a folder as it is for what it should be, and writes down what differed: the shop goes on without it.
 * @returns what differed, in words
 * @throws Error where a table cannot be read
 */
export async function acceptFolder(folder: string): Promise<readonly string[]> {
  const { engine, close } = await openEngine(folder)
  try {
    const connection = ofEngine(engine)
    const accepted = (await sumDifferences(connection.ask)).map(inWords)
    if (accepted.length === 0) return []
    await connection.run('BEGIN')
    await connection.run('SELECT seal_sums()')
    await connection.set('INSERT INTO sum_checks (accepted) VALUES ($1)', [JSON.stringify(accepted)])
    await connection.run('COMMIT')
    noteChecked(folder)
    return accepted
  } finally {
    await close()
  }
}

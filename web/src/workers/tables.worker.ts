import {
  cutTable,
  guessColumns,
  readTable,
  type HeadingWords,
  type Nameable,
  type RowFault,
  type TableColumn,
  type TableRow,
} from '@wagonomos/core/entry';
import { numberHabit, type Region } from '@wagonomos/core';
import { expose } from 'comlink';

/** Rows that are read between two words of how far it is. */
const slice = 500;

/** The table in hand stays here: the page sees a few of its rows and what they come to. */
let table = cutTable('');

const work = {
  cut: (text: string, words: HeadingWords) => {
    table = cutTable(text);
    const { rows, columns, beyond } = table;
    return { preview: rows.slice(0, 6), count: rows.length, columns, beyond, guess: guessColumns(table, words) };
  },
  /** @param progress told the share that has been read, 0 to 1 */
  read: (
    question: {
      readonly columns: readonly TableColumn[];
      readonly heading: boolean;
      readonly places: readonly Nameable[];
      readonly unit: 'kg' | 'lb';
      /** In whose words the table is read; null: not known. */
      readonly words: Region | null;
    },
    progress: (share: number) => void,
  ) => {
    const { columns, heading, places, unit, words } = question;
    const rows: TableRow[] = [];
    const faults: RowFault[] = [];
    for (let from = 0; from < table.rows.length; from += slice) {
      const part = { ...table, rows: table.rows.slice(from, from + slice) };
      const read = readTable(part, columns, heading && from === 0, places, unit, numberHabit(words));
      rows.push(...read.rows);
      faults.push(...read.faults);
      progress(Math.min(1, (from + slice) / table.rows.length));
    }
    return { rows, faults };
  },
};
export type TableWork = typeof work;
expose(work);

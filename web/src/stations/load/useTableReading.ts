import type { HeadingWords, TableColumn } from '@wagonomos/core/entry';
import { proxy } from 'comlink';
import { onBeforeUnmount, ref, shallowRef, watch, type Ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { tableWorker } from '../../workers/clients.ts';
import { usePlaceWords } from '../../words/placeWords.ts';
import type { TableWork } from '../../workers/tables.worker.ts';

/** Longer text is not read: nobody lists so many things. */
export const mostText = 2_000_000;
/** ms of rest before what is typed is read. */
const rests = 150;

type Cut = Awaited<ReturnType<TableWork['cut']>>;
type Read = Awaited<ReturnType<TableWork['read']>>;

/**
 * Reads a table away from the page, again with every change of its text or of what a column means; an earlier answer that
 * comes late counts no more.
 */
export function useTableReading(
  source: Readonly<Ref<string>>,
  places: Readonly<Ref<Parameters<TableWork['read']>[0]['places']>>,
) {
  const { t } = useI18n();
  const settings = useSettings();
  const heading = ref(false);
  const columns = ref<TableColumn[]>([]);
  const tooLong = () => t('app.table.tooLong', { most: written(mostText / 1_000_000, 0) });
  const listed = (key: string) =>
    t(key)
      .split(',')
      .map((word) => word.trim());
  const words = (): HeadingWords => ({
    name: listed('app.table.words.name'),
    mass: listed('app.table.words.mass'),
    unit: listed('app.table.words.unit'),
    count: listed('app.table.words.count'),
    place: listed('app.table.words.place'),
    plusMinus: listed('app.table.words.plusMinus'),
  });

  const place = usePlaceWords();
  const reader = tableWorker();
  const table = shallowRef<Cut | null>(null);
  const read = shallowRef<Read>({ rows: [], faults: [] });
  /** The share of the rows that has been read; null: nothing is being read. */
  const share = ref<number | null>(null);
  /** Why the text was not read, or not taken. */
  const problem = ref<string | null>(null);
  /** Goes up with every text and every stop: what an earlier one still brings counts no more. */
  let turn = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const forget = () => {
    turn += 1;
    clearTimeout(timer);
    share.value = null;
  };
  const stop = () => {
    forget();
    reader.end();
    problem.value = t('app.table.stopped');
  };
  onBeforeUnmount(() => {
    forget();
    reader.end();
  });
  const cut = async () => {
    const mine = turn;
    share.value = 0;
    const found = await reader.ask((api) => api.cut(source.value, words())).catch(() => null);
    if (mine !== turn) return;
    if (!found) {
      forget();
      problem.value = t('app.table.notRead');
      return;
    }
    heading.value = found.guess.heading;
    columns.value = [...found.guess.columns];
    table.value = found;
    await look();
  };
  const look = async () => {
    const mine = turn;
    share.value = 0;
    const progress = proxy((done: number) => {
      if (mine === turn) share.value = done;
    });
    const question = {
      columns: [...columns.value],
      heading: heading.value,
      places: places.value,
      unit: settings.massUnit,
      words: place.value,
    };
    const found = await reader.ask((api) => api.read(question, progress)).catch(() => null);
    if (mine !== turn) return;
    // The last word of progress may come after the answer.
    forget();
    if (found) read.value = found;
    else problem.value = t('app.table.notRead');
  };
  watch(
    source,
    (next) => {
      forget();
      problem.value = null;
      read.value = { rows: [], faults: [] };
      table.value = null;
      if (next.length > mostText) problem.value = tooLong();
      else if (next.trim() !== '') timer = setTimeout(() => void cut(), rests);
    },
    { immediate: true },
  );
  const again = () => {
    if (!table.value) return;
    forget();
    void look();
  };
  const choose = (at: number, column: TableColumn) => {
    columns.value = columns.value.map((one, n) =>
      n === at ? column : one === column && column !== 'ignore' ? 'ignore' : one,
    );
    again();
  };
  return { heading, columns, table, read, share, problem, tooLong, choose, again, stop };
}

<script setup lang="ts">
import { localDay } from '@wagonomos/core';
import { written, writtenDay } from '@wagonomos/papers/words';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useKeeping } from '../../stores/keeping.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** How safe the work is here, in a few lines: what the browser promises, how much room is left, when a file was last saved. */
const { t } = useI18n();
const keeping = useKeeping();
const workspace = useWorkspace();

const megabytes = (bytes: number) => written(bytes / 1_000_000, bytes < 10_000_000 ? 1 : 0);
const room = computed(() =>
  keeping.room
    ? t('app.keeping.room', {
        used: megabytes(keeping.room.used),
        left: megabytes(keeping.room.all - keeping.room.used),
      })
    : t('app.keeping.roomUnknown'),
);
const lastFile = computed(() => {
  const at = keeping.kept.lastFile;
  if (at === null) return t('app.keeping.noFile', { count: keeping.edits }, keeping.edits);
  const day = writtenDay(localDay(new Date(at)));
  return t('app.keeping.lastFile', { day, count: keeping.edits }, keeping.edits);
});
const promised = computed(() => {
  if (!workspace.keeps) return t('app.keeping.notKept');
  if (keeping.persisted === true) return t('app.keeping.promised');
  return t(keeping.persisted === false ? 'app.keeping.notPromised' : 'app.keeping.promiseUnknown');
});
</script>

<template>
  <dl data-test="kept-safe">
    <div>
      <dt>{{ t('app.keeping.lastFileTitle') }}</dt>
      <dd>{{ lastFile }}</dd>
    </div>
    <div>
      <dt>{{ t('app.keeping.promiseTitle') }}</dt>
      <dd>{{ promised }}</dd>
    </div>
    <div>
      <dt>{{ t('app.keeping.roomTitle') }}</dt>
      <dd>{{ room }}</dd>
    </div>
    <div>
      <dt>{{ t('paper.private.title') }}</dt>
      <dd>{{ t('paper.private.text') }}</dd>
    </div>
  </dl>
</template>

<style scoped>
dl {
  margin: 12px 0;
}
dl div {
  padding: 5px 0;
  border-bottom: 1px dotted var(--line);
}
dt {
  color: var(--soft);
  font-size: 13.5px;
}
dd {
  margin: 0;
}
</style>

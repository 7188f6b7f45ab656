<script setup lang="ts">
import { localDay, type Workspace } from '@wagonomos/core';
import { fileProblemMessages, planMerge, readLeniently, readParsed, type FileProblem } from '@wagonomos/core/files';
import { Download, Eye, Trash2 } from '@lucide/vue';
import { computed, onMounted, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { downloadText } from '../../storage/download.ts';
import { written, writtenMoment } from '@wagonomos/papers/words';
import MessageText from '../../words/MessageText.vue';
import TakeInPlan from '../../files/TakeInPlan.vue';
import { useRefusalWords } from '../../words/useRefusalWords.ts';
import { rawText, type CopyNote } from '../../storage/copies.ts';
import { useKeeping } from '../../stores/keeping.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** Dated copies in this browser: each to look at, take along, go back to, or throw away. */
const { t } = useI18n();
const workspace = useWorkspace();
const keeping = useKeeping();
const { reason } = useRefusalWords();
onMounted(keeping.look);

interface Looked {
  readonly note: CopyNote;
  readonly text: string;
  /** What can be read of it. */
  readonly document: Workspace | null;
  readonly problem: FileProblem | null;
}
const looked = shallowRef<Looked | null>(null);
const refused = shallowRef<string | null>(null);
const plan = computed(() =>
  looked.value?.document && workspace.document ? planMerge(workspace.document, looked.value.document) : null,
);

const size = (bytes: number) => written(Math.ceil(bytes / 1000), 0);
const fileName = (note: CopyNote) => `copy-${localDay(new Date(note.at))}-${note.why}.wagonomos.json`;

const look = async (note: CopyNote) => {
  const raw = await keeping.read(note.id);
  if (raw === undefined || raw === null) {
    refused.value = t('app.copies.unreadable');
    return;
  }
  const read = readParsed(raw);
  refused.value = null;
  looked.value = {
    note,
    text: rawText(raw),
    document: read.ok ? read.workspace : (readLeniently(raw)?.workspace ?? null),
    problem: read.ok ? null : read.problem,
  };
};
const take = async (note: CopyNote) => {
  const raw = await keeping.read(note.id);
  if (raw !== undefined && raw !== null) downloadText(fileName(note), rawText(raw));
};
const restore = async () => {
  const from = looked.value?.document;
  if (!from) return;
  refused.value = reason(await workspace.restore(from));
  workspace.dismissRefusal();
  looked.value = null;
  await keeping.look();
};
</script>

<template>
  <section data-test="copies">
    <h2>{{ t('app.copies.title') }}</h2>
    <p class="soft">{{ t('app.copies.text') }}</p>
    <p v-if="refused !== null" class="refused" role="alert">{{ refused }}</p>
    <p v-if="keeping.copies.length === 0" class="soft">{{ t('app.copies.none') }}</p>
    <ul v-else class="copies">
      <li v-for="note in keeping.copies" :key="note.id">
        <div class="what">
          <b class="num">{{ writtenMoment(note.at) }}</b> · {{ t(`app.copies.why.${note.why}`) }}
          <span class="soft">
            {{ note.rigs.length > 0 ? note.rigs.join(' · ') : t('app.copies.noRigs') }} ·
            {{ t('app.copies.size', { things: note.things, size: size(note.bytes) }) }}
          </span>
        </div>
        <div class="ways">
          <button type="button" class="quiet-button" @click="look(note)">
            <Eye :size="15" />{{ t('app.copies.look') }}
          </button>
          <button type="button" class="quiet-button" @click="take(note)">
            <Download :size="15" />{{ t('app.copies.take') }}
          </button>
          <el-popconfirm
            :persistent="false"
            :title="t('app.copies.throwAsk')"
            :confirm-button-text="t('app.copies.throw')"
            :cancel-button-text="t('app.cancel')"
            width="240"
            @confirm="keeping.throwAway(note.id)"
          >
            <template #reference>
              <button
                type="button"
                class="icon-button small"
                :aria-label="t('app.copies.throwNamed', { when: writtenMoment(note.at) })"
              >
                <Trash2 :size="15" />
              </button>
            </template>
          </el-popconfirm>
        </div>
      </li>
    </ul>
    <el-dialog
      :model-value="looked !== null"
      :title="t('app.copies.of', { when: looked ? writtenMoment(looked.note.at) : '' })"
      width="min(560px, 94vw)"
      append-to-body
      data-test="copy"
      @update:model-value="looked = null"
    >
      <template v-if="looked?.problem">
        <p v-for="(line, index) in fileProblemMessages(looked.problem)" :key="index" class="fault">
          <MessageText :message="line" />
        </p>
        <p>{{ t(looked.document ? 'app.copies.partly' : 'app.copies.notAtAll') }}</p>
      </template>
      <TakeInPlan v-if="looked?.document && plan" :document="looked.document" :plan="plan" />
      <template #footer>
        <el-button @click="looked = null">{{ t('app.cancel') }}</el-button>
        <el-button type="primary" :disabled="!looked?.document || workspace.follows" @click="restore">
          {{ t('app.copies.restore') }}
        </el-button>
      </template>
    </el-dialog>
  </section>
</template>

<style scoped>
.copies {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 7px 0;
  border-bottom: 1px dotted var(--line);
}
.what .soft {
  display: block;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 3px;
}
.refused,
.fault {
  color: var(--over);
  overflow-wrap: anywhere;
}
</style>

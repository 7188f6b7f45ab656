<script setup lang="ts">
import { placedBodies, type RigView } from '@wagonomos/core';
import type { DueDate } from '@wagonomos/core/due';
import { doneDue, removeDue } from '@wagonomos/core/edits';
import { CalendarPlus, Check, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { downloadText, fileNameFrom } from '../../storage/download.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import './desk.css';
import { useDues } from './useDues.ts';
import NoteDate from './NoteDate.vue';

/** What falls due of the rig: by its slips, tyres and cases, and by the days its owner noted. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();
const { dues, words } = useDues();
const today = useToday();
const bodies = computed(() => placedBodies(props.view).map(({ body }) => body));

const saveCalendar = async () => {
  const { calendarOf } = await import('@wagonomos/papers/out');
  const text = calendarOf(dues.value, props.view.rig.name, words.value, new Date());
  downloadText(fileNameFrom(`${props.view.rig.name} ${t('paper.desk.occasion.dates')}`, 'ics'), text, 'text/calendar');
};
const done = ({ own }: DueDate) => {
  if (own) workspace.edit('app.edit.dates', (document) => doneDue(document, own.body, own.id, today.day));
};
const remove = ({ own }: DueDate) => {
  if (own) workspace.edit('app.edit.dates', (document) => removeDue(document, own.body, own.id));
};
</script>

<template>
  <div class="desk-sheet dates">
    <section>
      <p class="desk-says">{{ t('paper.dates.says') }}</p>
      <p v-if="dues.length === 0" class="soft">{{ t('paper.dates.none') }}</p>
      <ol data-test="dues">
        <li v-for="one in dues" :key="one.id" :class="one.state" :data-test="`due-${one.kind}`">
          <b class="day num">{{ one.day === null ? t('paper.dates.noDay') : words.day(one.day) }}</b>
          <div>
            <b>{{ say(one.what) }}</b>
            <span v-if="one.of"> · {{ one.of }}</span>
            <span class="state">{{ t(`paper.dates.state.${one.state}`) }}</span>
            <small>{{ say(one.why) }}</small>
            <div class="ways" :inert="workspace.follows">
              <router-link v-if="one.kind === 'weigh'" class="quiet-button" :to="{ name: 'weigh' }">
                {{ t('paper.dates.weigh') }}
              </router-link>
              <template v-if="one.own">
                <button
                  type="button"
                  class="quiet-button"
                  :aria-label="t('paper.dates.doneNamed', { what: say(one.what) })"
                  @click="done(one)"
                >
                  <Check :size="15" />{{ t('paper.dates.done') }}
                </button>
                <button
                  type="button"
                  class="icon-button small"
                  :aria-label="t('paper.dates.remove', { what: say(one.what) })"
                  @click="remove(one)"
                >
                  <Trash2 :size="15" />
                </button>
              </template>
            </div>
          </div>
        </li>
      </ol>
    </section>
    <section>
      <NoteDate :bodies="bodies" />
      <h2>{{ t('paper.dates.calendar') }}</h2>
      <p class="soft">{{ t('paper.dates.calendarText') }}</p>
      <el-button :disabled="dues.every(({ day }) => day === null)" @click="saveCalendar">
        <CalendarPlus :size="16" />{{ t('paper.dates.calendar') }}
      </el-button>
    </section>
  </div>
</template>

<style scoped>
.dates {
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
}
ol {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 4px 14px;
  padding: 9px 0;
  border-top: 1px dotted var(--line);
}
.day {
  font-size: 17px;
}
.state {
  margin-left: 8px;
  color: var(--soft);
  font: 600 14px var(--figures);
}
.late .state,
.late .day {
  color: var(--over);
}
.soon .state,
.soon .day {
  color: var(--tight);
}
small {
  display: block;
  color: var(--soft);
  font-size: 13.5px;
}
.ways {
  display: flex;
  gap: 8px;
  margin-top: 4px;
}
.ways:empty {
  display: none;
}
@media (width <= 900px) {
  .dates {
    grid-template-columns: minmax(0, 1fr);
  }
  .ways > * {
    min-height: 44px;
  }
}
@media (width <= 720px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { foretold, hearScale, silentScale, type Reading, type ScaleWord } from '@wagonomos/core/weighing';
import { Radio } from '@lucide/vue';
import { onBeforeUnmount, ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** A scale to practise on: simulated by the server, loaded with what the plan foretells, and never taken for a real one. */
const props = defineProps<{ view: RigView; reading: Reading; graduation: number }>();
const emit = defineEmits<{ take: [value: number, scale: string] }>();
const { t } = useI18n();
const { kg, unit } = useWeighedWords();
const word = shallowRef<ScaleWord | null>(null);
const state = ref<'off' | 'on' | 'lost'>('off');
let stream: EventSource | undefined;

const stop = () => {
  stream?.close();
  stream = undefined;
};
onBeforeUnmount(stop);
const start = () => {
  stop();
  // Something to practise with, where the plan knows too little to foretell it.
  const load = foretold(props.view, props.reading) ?? 1000;
  const query = new URLSearchParams({ loads: load.toFixed(1), graduation: String(props.graduation) });
  stream = new EventSource(`/api/practice-scale?${query.toString()}`);
  state.value = 'on';
  let heard = silentScale;
  stream.onmessage = ({ data }: MessageEvent<string>) => {
    const step = hearScale(heard, String(JSON.parse(data)));
    heard = step.state;
    word.value = step.words.at(-1) ?? word.value;
  };
  stream.onerror = () => {
    stop();
    state.value = 'lost';
    word.value = null;
  };
};
const shows = () => {
  const now = word.value;
  if (now?.kind === 'shows') return t('app.practice.shows', { load: kg(now.kg), unit: unit() });
  return t(`app.practice.${now?.kind ?? 'waiting'}`);
};
const take = () => {
  if (word.value?.kind !== 'shows' || !word.value.steady) return;
  emit('take', word.value.kg, t('app.practice.name'));
  stop();
  state.value = 'off';
};
</script>

<template>
  <div class="practice" data-test="practice">
    <button v-if="state !== 'on'" type="button" class="quiet-button" @click="start">
      <Radio :size="15" />{{ t('app.practice.start') }}
    </button>
    <template v-else>
      <p class="soft">{{ t('app.practice.simulated') }}</p>
      <p class="display" :class="{ steady: word?.kind === 'shows' && word.steady }" aria-live="off">
        <b class="num">{{ shows() }}</b>
        <small>{{ t(word?.kind === 'shows' && word.steady ? 'app.practice.steady' : 'app.practice.moving') }}</small>
      </p>
      <el-button type="primary" :disabled="word?.kind !== 'shows' || !word.steady" @click="take">
        {{ t('app.practice.take') }}
      </el-button>
    </template>
    <p v-if="state === 'lost'" role="alert">{{ t('app.practice.lost') }}</p>
  </div>
</template>

<style scoped>
.practice {
  margin-top: 14px;
}
.display {
  display: flex;
  gap: 12px;
  align-items: baseline;
  justify-content: space-between;
  margin: 6px 0 10px;
  padding: 6px 12px;
  border: 2px dashed var(--slate);
}
.display b {
  font-size: 32px;
}
.display small {
  color: var(--soft);
}
.display.steady {
  border-style: solid;
  border-color: var(--in);
}
.soft {
  margin: 0;
  color: var(--soft);
}
</style>

<script setup lang="ts">
import { message, viewRig, type Message, type Workspace } from '@wagonomos/core';
import { fileProblemMessages, planMerge } from '@wagonomos/core/files';
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { localStore } from '../../storage/localStore.ts';
import MessageText from '../../words/MessageText.vue';
import RigPicture from '../../rig-drawing/RigPicture.vue';
import TakeInPlan from '../../files/TakeInPlan.vue';
import { useRefusalWords } from '../../words/useRefusalWords.ts';
import { useTaken } from '../../stores/taken.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { linkWorker } from '../../workers/clients.ts';
import '../../words/paperWords.ts';

/** A rig that came as a link or was scanned: looked at, and taken in or left. Until then nothing of it is kept. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const workspace = useWorkspace();
const { reason } = useRefusalWords();

const pasted = ref('');
const found = shallowRef<Workspace | null>(null);
const lines = shallowRef<readonly Message[]>([]);
const notTaken = ref<string | null>(null);
const links = linkWorker();
onBeforeUnmount(() => links.end());
const reading = ref(false);
/** The text that was read last: what an earlier one still brings counts no more. */
let asked = '';
const taken = useTaken();
taken.start(localStore);
/** The rig that came of it before, as far as this browser remembers. */
const beforeId = ref<string>();
const read = async (text: string) => {
  asked = text;
  reading.value = true;
  const result = await links.ask(async (api) => api.unpackRig(text)).catch(() => null);
  const rig = result?.ok ? await taken.rigOf(result.workspace) : undefined;
  if (asked !== text) return;
  reading.value = false;
  beforeId.value = rig;
  found.value = result?.ok ? result.workspace : null;
  if (!result) lines.value = [message('file.notLoaded')];
  else lines.value = result.ok ? [] : fileProblemMessages(result.problem);
};
watch(
  () => route.hash,
  (hash) => {
    if (hash.length > 1) void read(hash);
  },
  { immediate: true },
);
const leave = () => {
  asked = '';
  found.value = null;
  lines.value = [];
  void router.replace({ name: 'take' });
};

/** A link of ours holds one rig; of one made by hand a few are drawn. */
const mostDrawn = 3;
const views = computed(() =>
  (found.value?.rigs ?? [])
    .slice(0, mostDrawn)
    .flatMap(({ id }) => (found.value ? (viewRig(found.value, id) ?? []) : [])),
);
const plan = computed(() => (found.value && workspace.document ? planMerge(workspace.document, found.value) : null));
const rigId = computed(() => found.value?.rigs[0]?.id ?? '');
/** The same, if it is here still, under whatever name its owner has given it since. */
const before = computed(() => workspace.document?.rigs.find(({ id }) => id === beforeId.value));
/** Where it stands once it is here: what is here under its id and differs keeps that id. */
const ownId = computed(() => before.value?.id ?? plan.value?.renamed.rigs.get(rigId.value) ?? rigId.value);
const isSame = computed(() => plan.value?.same.rigs.has(rigId.value) === true);
const isHere = computed(() => before.value !== undefined || isSame.value);
const toRig = () => router.push({ name: 'verdict', params: { rig: ownId.value } });
const taking = ref(false);
const take = async () => {
  if (!found.value || taking.value) return;
  const from = found.value;
  const id = ownId.value;
  taking.value = true;
  const refusal = await workspace.takeIn(from, 'beside');
  notTaken.value = refusal ? (reason(refusal) ?? '') : null;
  workspace.dismissRefusal();
  if (!refusal) {
    await taken.note(from, id);
    await router.push({ name: 'verdict', params: { rig: id } });
  }
  taking.value = false;
};
</script>

<template>
  <main class="take">
    <h1>{{ t('paper.take.title') }}</h1>
    <p class="soft">{{ t('paper.take.says') }}</p>
    <section v-if="lines.length > 0" class="refused" role="alert" data-test="link-refused">
      <h2>{{ t('paper.take.refused') }}</h2>
      <p v-for="(line, index) in lines" :key="index"><MessageText :message="line" /></p>
      <p class="soft">{{ t('paper.take.unchanged') }}</p>
    </section>
    <section v-if="found" data-test="looked-at">
      <template v-for="view in views" :key="view.rig.id">
        <h2>{{ view.rig.name }}</h2>
        <RigPicture :view="view" class="picture" />
      </template>
      <TakeInPlan v-if="plan" :document="found" :plan="plan" beside-only />
      <p v-if="isHere">
        {{ isSame || !before ? t('paper.take.here') : t('paper.take.hereAs', { name: before.name }) }}
      </p>
      <p v-if="notTaken !== null" role="alert">{{ t('paper.take.notTaken', { reason: notTaken }) }}</p>
      <p v-if="workspace.follows" role="status">{{ t('paper.take.follows') }}</p>
      <div class="ways">
        <el-button @click="leave">{{ t('paper.take.leave') }}</el-button>
        <el-button v-if="isHere" type="primary" @click="toRig">{{ t('paper.take.toRig') }}</el-button>
        <el-button v-else type="primary" :disabled="workspace.follows || !plan" :loading="taking" @click="take">
          {{ t('paper.take.takeIn') }}
        </el-button>
      </div>
    </section>
    <p v-else-if="reading" role="status">{{ t('paper.take.reading') }}</p>
    <form v-else @submit.prevent="read(pasted)">
      <label>
        <b>{{ t('paper.take.paste') }}</b>
        <small class="soft">{{ t('paper.take.pasteHint') }}</small>
        <textarea v-model="pasted" rows="4" autocomplete="off" spellcheck="false" />
      </label>
      <el-button type="primary" native-type="submit" :disabled="pasted.trim() === ''">
        {{ t('paper.take.look') }}
      </el-button>
    </form>
  </main>
</template>

<style scoped>
.take {
  max-width: 720px;
  margin: 0 auto;
  padding: 18px 18px 40px;
}
h2 {
  margin-top: 14px;
  overflow-wrap: anywhere;
}
.picture {
  margin: 6px 0 12px;
}
.refused {
  padding: 6px 14px 10px;
  border-left: 5px solid var(--over);
  background: var(--sheet);
}
form {
  display: grid;
  gap: 10px;
  justify-items: start;
  margin-top: 16px;
}
label {
  display: grid;
  gap: 4px;
  width: 100%;
}
textarea {
  width: 100%;
  padding: 8px;
  border: 1px solid var(--slate);
  background: var(--field);
  color: var(--ink);
  font: 14px monospace;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.ways :deep(.el-button + .el-button) {
  margin-left: 0;
}
@media (width <= 720px) {
  .ways :deep(.el-button),
  form :deep(.el-button) {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
import { putAway, removeRig } from '@wagonomos/core/edits';
import { mergeWorkspaces } from '@wagonomos/core/files';
import { viewRig, type Region, type RigView } from '@wagonomos/core';
import { FolderOpen, MessageCircleQuestion, Plus, Scale, Signpost } from '@lucide/vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { useGrowing } from '../../shared/useGrowing.ts';
import FileOpener from '../../files/FileOpener.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import { demoWorkspace, useDemoIds } from '../../stores/demo.ts';
import RigCard from './RigCard.vue';

const RemoveRig = defineAsyncComponent(() => import('./RemoveRig.vue'));
const NewRigDialog = defineAsyncComponent(() => import('./NewRigDialog.vue'));
const { t } = useI18n();
const workspace = useWorkspace();
const router = useRouter();
const making = ref(false);
const demoIds = useDemoIds();

/** Where the language of a browser is at home: an invented rig of there opens the yard. */
const regions: readonly (readonly [RegExp, Region])[] = [
  [/^en-(AU|NZ)/i, 'au'],
  [/^en-(GB|IE)/i, 'uk'],
  [/^(de|fr|it|es|nl)\b/i, 'eu'],
];
const here = regions.find(([language]) => language.test(navigator.language))?.[1];
/** Own rigs stand first, then the invented ones, those of here before others. */
const rank = ({ rig, situation }: RigView): number =>
  !demoIds.value?.rigs.has(rig.id) ? 0 : situation.words === here ? 1 : 2;
const rigs = computed(() => {
  const { document } = workspace;
  const views = (document?.rigs ?? []).flatMap((rig) => {
    const view = document && viewRig(document, rig.id);
    return view ? [view] : [];
  });
  return views.sort((a, b) => rank(a) - rank(b));
});
/** The first row of cards at once, the others as soon as it stands. */
const shown = useGrowing(() => rigs.value.length, 3);
const cards = computed(() => rigs.value.slice(0, shown.value));
/** What is drawn and reckoned of them, and what is rarely pressed, follows one by one when the names can be read and pressed. */
const whole = useGrowing(() => rigs.value.length, 1, 0);
const remove = (id: string) => workspace.edit('app.edit.removeRig', (document) => removeRig(document, id));
const addDemo = async () => {
  const demo = await demoWorkspace();
  workspace.edit('app.edit.openFile', (document) => mergeWorkspaces(document, demo));
};
const demoStands = computed(() => (workspace.document?.rigs ?? []).some(({ id }) => demoIds.value?.rigs.has(id)));
/** Nothing of one's own yet: the way to it is larger than what there is to look at. */
const first = computed(() => demoStands.value && rigs.value.every(({ rig }) => demoIds.value?.rigs.has(rig.id)));
const putDemoAway = async () => {
  const demo = await demoWorkspace();
  workspace.edit('app.edit.putAway', (document) => putAway(document, demo));
};
/** Round in five steps, over the first of the rigs. */
const tourOf = (rigId: string) => ({ name: 'load', params: { rig: rigId }, query: { tour: '' } });
/** The first rig with a car: from there one goes on to the others. */
const pairable = computed(() => rigs.value.find(({ vehicle }) => vehicle)?.rig.id);
const made = (rigId: string) => router.push({ name: 'plates', params: { rig: rigId } });
</script>

<template>
  <section class="yard">
    <div class="section-head">
      <div>
        <h1>{{ t('app.yard.title') }}</h1>
        <p class="soft">{{ t('app.yard.text') }}</p>
      </div>
      <div class="actions" :inert="workspace.follows">
        <el-button v-if="!first" type="primary" @click="router.push({ name: 'start' })">
          <MessageCircleQuestion :size="17" />{{ t('app.start.title') }}
        </el-button>
        <el-button @click="making = true"><Plus :size="17" />{{ t('app.yard.newRig') }}</el-button>
        <el-button v-if="pairable" @click="router.push({ name: 'pair', params: { rig: pairable } })">
          <Scale :size="17" />{{ t('app.pair.go') }}
        </el-button>
        <FileOpener><FolderOpen :size="17" />{{ t('app.yard.openFile') }}</FileOpener>
      </div>
    </div>
    <div v-if="first" class="own" :inert="workspace.follows">
      <h2>{{ t('app.yard.ownTitle') }}</h2>
      <p>{{ t('app.yard.ownText') }}</p>
      <el-button type="primary" size="large" @click="router.push({ name: 'start' })">
        <MessageCircleQuestion :size="19" />{{ t('app.start.title') }}
      </el-button>
    </div>
    <div v-if="first" class="demos">
      <h2>{{ t('app.yard.demos') }}</h2>
      <RouterLink v-if="rigs[0]" class="quiet-button" :to="tourOf(rigs[0].rig.id)">
        <Signpost :size="16" />{{ t('app.tour.begin') }}
      </RouterLink>
    </div>
    <ul v-if="demoIds" class="cards">
      <li v-for="(view, at) in cards" :key="view.rig.id">
        <RigCard :view="view" :whole="at < whole" />
        <RemoveRig v-if="at < whole && !workspace.follows" :name="view.rig.name" @remove="remove(view.rig.id)" />
      </li>
    </ul>
    <p v-if="rigs.length === 0" class="empty">
      {{ t('app.yard.empty') }}
      <el-button @click="addDemo">{{ t('app.yard.addDemo') }}</el-button>
    </p>
    <p v-if="rigs.length > 0 && demoIds && !workspace.follows" class="demo soft">
      <template v-if="demoStands">
        {{ t('app.yard.demoStands') }}
        <button type="button" class="quiet-button" @click="putDemoAway">{{ t('app.yard.putDemoAway') }}</button>
      </template>
      <button v-else type="button" class="quiet-button" @click="addDemo">{{ t('app.yard.addDemo') }}</button>
    </p>
    <NewRigDialog v-if="making" v-model="making" @made="made" />
  </section>
</template>

<style scoped>
.yard {
  padding: 20px 18px 40px;
}
h1 {
  font: 600 28px/1.2 var(--figures);
}
.section-head {
  flex-wrap: wrap;
  margin-bottom: 18px;
}
.own {
  max-width: 760px;
  margin-bottom: 22px;
  padding: 18px 20px;
  border: 2px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
}
.own h2 {
  font-size: 22px;
}
.own p {
  margin: 6px 0 12px;
  font-size: 17px;
}
.own :deep(svg) {
  margin-right: 8px;
}
.demos {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  margin-bottom: 10px;
}
.demo {
  margin-top: 18px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
/* The gap alone keeps them apart: the first of a second line stands where the line begins. */
.actions :deep(.el-button) {
  margin-left: 0;
}
.actions :deep(svg) {
  margin-right: 6px;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(400px, 100%), 1fr));
  gap: 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.cards li {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  min-width: 0;
}
.empty {
  padding: 30px;
  border: 1px dashed var(--line);
  text-align: center;
}
</style>
